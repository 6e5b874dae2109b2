import { behindWhere } from '@/behind/behind';
import { BenchScreen } from '@/bench/bench-screen';
import { useAnyWait } from '@/data/runs';

const UnderWay = behindWhere((screens) => screens.UnderWay, useAnyWait);

export default function Bench() {
  return <BenchScreen underWay={<UnderWay />} />;
}
