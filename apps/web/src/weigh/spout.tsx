import { Pressable, Text } from 'react-native';
import { Heading } from '@/ui/type';

/** Paint runs while it is held. */
export const Spout = ({ open }: { readonly open: (open: boolean) => void }) => (
  <Pressable
    role="button"
    aria-label="Spout: hold to pour"
    onPressIn={() => open(true)}
    onPressOut={() => open(false)}
    className="h-[26%] items-center justify-center bg-rail px-4"
  >
    <Heading className="!text-24 !text-railink">Hold to pour</Heading>
    <Text className="font-body text-16 text-railink">the longer, the faster it runs</Text>
  </Pressable>
);
