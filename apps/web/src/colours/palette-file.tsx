import {
  faultLine,
  type PaletteColour,
  readPalette,
  type ReadPalette,
  writeCss,
  writeGpl,
  writePaletteCsv,
} from '@potter/core/format';
import { type Match, nearest } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';
import { edit as edits } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { pickFile, saveFile } from '@/data/files';
import { usePaints } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Body, Small, Strong } from '@/ui/type';

const HOW: Readonly<Record<Match<Paint>['how'], string>> = {
  same: 'the same to the eye',
  near: 'near it',
  far: 'far from it',
};

/** The palette as a file for other programs, and colours from such a file held against the shelf. */
export function PaletteFile() {
  const { plan, brief } = usePlan();
  const [read, setRead] = useState<ReadPalette>();
  const colours: PaletteColour[] = plan.budget.shares.flatMap(({ mix }) => {
    const found = brief.mixes.find((m) => m.id === mix);
    const name = plan.mixes.find((m) => m.id === mix)?.name;
    return found && name ? [{ name, hex: found.masstoneHex }] : [];
  });
  const file = plan.title.replace(/[^\w-]+/g, '-').toLowerCase();
  const open = async () => {
    const picked = await pickFile('.gpl,.css,.csv,text/plain,text/css,text/csv', 'Palette');
    if (picked) setRead(readPalette(await picked.text()));
  };
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Save as GIMP palette"
          onPress={() => saveFile(`${file}.gpl`, writeGpl(plan.title, colours), 'text/plain')}
        />
        <Button
          label="Save as CSS"
          onPress={() => saveFile(`${file}.css`, writeCss(colours), 'text/css')}
        />
        <Button
          label="Save as CSV"
          onPress={() => saveFile(`${file}-palette.csv`, writePaletteCsv(colours), 'text/csv')}
        />
        <Button label="Read a palette" onPress={() => void open()} />
      </View>
      {read && read.faults.length > 0 ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-3">
          <Strong>This palette was not taken, and nothing was changed.</Strong>
          {read.faults.map((fault) => (
            <Small key={faultLine(fault)} className="!text-ink">
              {fault.path}: {fault.message}
            </Small>
          ))}
        </View>
      ) : null}
      {read && read.colours.length > 0 ? <Matches colours={read.colours} /> : null}
    </View>
  );
}

/** Each colour of a palette with the paint of the shelf that comes nearest. */
function Matches({ colours }: { readonly colours: readonly PaletteColour[] }) {
  const { plan, edit } = usePlan();
  const shelf = usePaints().map((item) => item.paint);
  return (
    <View role="list" aria-label="Colours of the palette">
      {colours.map((colour, i) => {
        const match = nearest(colour.hex, shelf);
        const inPlan = match && plan.paints.some((p) => p.id === match.of.id);
        return (
          <View
            role="listitem"
            key={i}
            className="flex-row items-center gap-3 border-b border-rule py-2"
          >
            <Chip size={36} overWhite={colour.hex} overBlack={colour.hex} />
            {match ? <Chip size={36} overWhite={match.of.hex} overBlack={match.of.hex} /> : null}
            <View className="min-w-0 flex-1">
              <Strong lines={1}>{colour.name}</Strong>
              <Small lines={2}>
                {match ? `${match.of.name}, ${HOW[match.how]}` : 'The shelf has no paints.'}
              </Small>
            </View>
            {match ? (
              inPlan ? (
                <Body>in the plan</Body>
              ) : (
                <Button
                  label={`Add ${match.of.name}`}
                  onPress={() => edit((p) => edits.addColour(p, match.of))}
                />
              )
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
