import { savePicture } from '@/picture/save-picture';
import { usePouring } from '@/picture/use-pour';
import { Button } from '@/ui/button';

/** Saves the picture there is under a name. */
export function SaveButton({ id, name }: { readonly id: string; readonly name: string }) {
  const { picture } = usePouring(id);
  return (
    <Button
      className="self-start"
      label="Save the picture"
      disabled={!picture}
      onPress={() => picture && void savePicture(name, picture)}
    />
  );
}
