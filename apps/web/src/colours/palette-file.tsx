import {
  faultLine,
  type PaletteColour,
  type ReadPalette,
  writeCss,
  writeGpl,
  writePaletteCsv,
} from '@potter/core/format';
import { useState } from 'react';
import { View } from 'react-native';
import { readAside } from '@/data/file-reader';
import { pickFile, saveFile } from '@/data/files';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Small, Strong } from '@/ui/type';
import { ShelfMatches } from './shelf-matches';

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
    if (!picked) return;
    setRead(
      await readAside<'palette'>({ read: 'palette', file: picked }).catch((error: unknown) => ({
        colours: [],
        faults: [{ path: '', message: error instanceof Error ? error.message : String(error) }],
      })),
    );
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
      {read && read.colours.length > 0 ? (
        <ShelfMatches label="Colours of the palette" wanted={read.colours} />
      ) : null}
    </View>
  );
}
