import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { type PaperId, PAPERS, sheetsOf, type Template, templateSvg } from '@potter/core/format';
import { Asset } from 'expo-asset';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { saveFile } from '@/data/files';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Failed } from '@/ui/state';
import { useTokens } from '@/ui/tokens';
import { Body } from '@/ui/type';

const MOST_HEIGHT = 380;

/** Drawings at true size: how they look, on which paper, and as a file to print. */
export function Printed({
  drawings,
  says,
  name,
}: {
  readonly drawings: readonly Template[];
  /** What is seen, for those who do not see it. */
  readonly says: string;
  /** Of the file, without its ending. */
  readonly name: string;
}) {
  const [paper, setPaper] = useState<PaperId>('a4');
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string>();
  const sheets = drawings.reduce(
    (sum, d) => sum + sheetsOf(d.widthMm, d.heightMm, paper).length,
    0,
  );
  const file = name.replace(/[^\w-]+/g, '-').toLowerCase();

  async function savePdf() {
    setBusy(true);
    setFailed(undefined);
    try {
      // Rarely wanted and large: it comes when it is.
      const [{ templatePdf }, font] = await Promise.all([import('./template-pdf'), textFont()]);
      const bytes = await templatePdf(drawings, paper, font);
      saveFile(`${file}.pdf`, new Blob([bytes as BlobPart]), 'application/pdf');
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  }

  return (
    <>
      {drawings.map((drawing, i) => (
        <Drawing
          key={i}
          drawing={drawing}
          says={drawings.length > 1 ? `${says}, sheet ${i + 1}` : says}
        />
      ))}
      <Choice<PaperId>
        label="Paper"
        value={paper}
        options={(Object.keys(PAPERS) as PaperId[]).map((value) => ({
          value,
          label: PAPERS[value].name,
        }))}
        onChange={setPaper}
      />
      <Body>
        {sheets === 1
          ? 'One sheet'
          : sheets === drawings.length
            ? `${sheets} sheets`
            : `${sheets} sheets that overlap by 10 mm`}
        . Print at 100 %, and hold a ruler to the 100 mm at the foot of a sheet.
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button
          primary
          // Wide enough for both of its labels: what stands beside it must not move away under a finger.
          className="min-w-[196px]"
          label={busy ? 'Drawing the sheets…' : 'Save as PDF'}
          disabled={busy}
          onPress={() => void savePdf()}
        />
        {drawings.map((drawing, i) => (
          <Button
            key={i}
            label={drawings.length > 1 ? `Save sheet ${i + 1} as SVG` : 'Save as SVG'}
            onPress={() =>
              saveFile(
                `${file}${drawings.length > 1 ? `-${i + 1}` : ''}.svg`,
                templateSvg(drawing),
                'image/svg+xml',
              )
            }
          />
        ))}
      </View>
      {failed ? <Failed what="The PDF was not made." why={failed} /> : null}
    </>
  );
}

function Drawing({ drawing, says }: { readonly drawing: Template; readonly says: string }) {
  const tokens = useTokens();
  const [room, setRoom] = useState(0);
  const scale = Math.min(room / drawing.widthMm, MOST_HEIGHT / drawing.heightMm);
  return (
    <View onLayout={(e) => setRoom(e.nativeEvent.layout.width)} className="items-center">
      {room > 0 ? (
        <Svg
          width={drawing.widthMm * scale}
          height={drawing.heightMm * scale}
          viewBox={`-1 -1 ${drawing.widthMm + 2} ${drawing.heightMm + 2}`}
          role="img"
          aria-label={says}
        >
          {drawing.lines.map(({ d, guide, solid }, i) => (
            <Path
              key={i}
              d={d}
              fill={solid ? tokens.ink : 'none'}
              stroke={guide ? tokens.quiet : tokens.ink}
              strokeWidth={(guide ? 0.8 : 1.5) / scale}
              strokeDasharray={guide ? `${4 / scale} ${3 / scale}` : undefined}
            />
          ))}
          {/* Words that would be too small to read stay on paper. */}
          {(drawing.textMm === undefined || drawing.textMm * scale >= 13 ? drawing.labels : []).map(
            ({ x, y, text, mm }, i) => (
              <SvgText
                key={i}
                x={x}
                y={y}
                fontSize={mm ?? Math.min(13 / scale, drawing.textMm ?? Infinity)}
                fontFamily="AtkinsonHyperlegibleNext_400Regular"
                fill={tokens.ink}
              >
                {text}
              </SvgText>
            ),
          )}
        </Svg>
      ) : null}
    </View>
  );
}

/** The file of the text font, which the page has loaded already. */
async function textFont(): Promise<ArrayBuffer> {
  const answer = await fetch(Asset.fromModule(AtkinsonHyperlegibleNext_400Regular).uri);
  return answer.arrayBuffer();
}
