import { trim } from '@potter/core/quantity';
import { type Vessel, vesselFromWater, type WaterMark } from '@potter/core/vessel';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { QuantityField } from '@/ui/quantity-field';
import { Body, Strong } from '@/ui/type';

/** A cup measured by the water to two marks on its wall: put it on the scale, tare, fill to the mark, read. */
export function FromWater({
  heightMm,
  onFound,
}: {
  readonly heightMm: number;
  readonly onFound: (measures: Pick<Vessel, 'topMm' | 'bottomMm'>) => void;
}) {
  const [low, setLow] = useState<WaterMark>({ levelMm: Math.round(heightMm / 3), waterG: 0 });
  const [high, setHigh] = useState<WaterMark>({
    levelMm: Math.round((heightMm * 5) / 6),
    waterG: 0,
  });
  const given = low.waterG > 0 && high.waterG > 0;
  const found = vesselFromWater(heightMm, low, high);
  return (
    <View className="gap-3">
      <Body>
        Mark two heights from the floor, inside. Tare the empty cup, fill it with water to each
        mark, and note what the scale reads. The height above is from the floor to the brim.
      </Body>
      <Mark name="Lower mark" mark={low} most={heightMm} onChange={setLow} />
      <Mark name="Upper mark" mark={high} most={heightMm} onChange={setHigh} />
      {given ? (
        <View role={found.ok ? 'status' : 'alert'} className="gap-2">
          <Strong>
            {found.ok
              ? `${trim(found.value.topMm, 1)} mm across the top, ${trim(found.value.bottomMm, 1)} mm across the floor.`
              : found.fault}
          </Strong>
          {found.ok ? (
            <Button
              className="self-start"
              label="Take these measures"
              onPress={() => onFound({ topMm: found.value.topMm, bottomMm: found.value.bottomMm })}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

function Mark({
  name,
  mark,
  most,
  onChange,
}: {
  readonly name: string;
  readonly mark: WaterMark;
  readonly most: number;
  readonly onChange: (mark: WaterMark) => void;
}) {
  return (
    <View className="flex-row gap-3">
      <QuantityField
        className="flex-1"
        label={`${name}, height`}
        dimension="length"
        unit="mm"
        value={mark.levelMm}
        min={1}
        max={most}
        onChange={(levelMm) => onChange({ ...mark, levelMm })}
      />
      <QuantityField
        className="flex-1"
        label={`${name}, water`}
        dimension="mass"
        unit="g"
        value={mark.waterG}
        of={{ gPerMl: 1, onScale: true }}
        min={0}
        max={1e5}
        onChange={(waterG) => onChange({ ...mark, waterG })}
      />
    </View>
  );
}
