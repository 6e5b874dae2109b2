import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { Asset } from 'expo-asset';
import {
  type PaperId,
  PAPERS,
  positioningTemplate,
  sheetsOf,
  templateSvg,
} from '@potter/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { saveFile } from '@/data/files';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { QuantityField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { Failed } from '@/ui/state';
import { Body } from '@/ui/type';
import { useTokens } from '@/ui/tokens';
import { YesNo } from '@/ui/yes-no';

const MOST_HEIGHT = 380;

/** A drawing at true size to lay under or on the surface: middle, disc, petals, drop points. */
export function TemplateScreen() {
  const { id, plan } = usePlan();
  const router = useRouter();
  const tokens = useTokens();
  const [discMm, setDisc] = useState(0);
  const [petals, setPetals] = useState(false);
  const [paper, setPaper] = useState<PaperId>('a4');
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string>();
  const [room, setRoom] = useState(0);
  const template = positioningTemplate(plan, { discMm, petals });
  const sheets = sheetsOf(template.widthMm, template.heightMm, paper).length;
  const scale = Math.min(room / template.widthMm, MOST_HEIGHT / template.heightMm);
  const name = plan.title.replace(/[^\w-]+/g, '-').toLowerCase();

  async function savePdf() {
    setBusy(true);
    setFailed(undefined);
    try {
      // Rarely wanted and large: it comes when it is.
      const [{ templatePdf }, font] = await Promise.all([import('./template-pdf'), textFont()]);
      const bytes = await templatePdf(template, paper, font);
      saveFile(`${name}-template.pdf`, new Blob([bytes as BlobPart]), 'application/pdf');
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  }

  return (
    <Screen
      title="Template"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/surface`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        <View onLayout={(e) => setRoom(e.nativeEvent.layout.width)} className="items-center">
          {room > 0 ? (
            <Svg
              width={template.widthMm * scale}
              height={template.heightMm * scale}
              viewBox={`-1 -1 ${template.widthMm + 2} ${template.heightMm + 2}`}
              role="img"
              aria-label="The template"
            >
              {template.lines.map(({ d, guide }, i) => (
                <Path
                  key={i}
                  d={d}
                  fill="none"
                  stroke={guide ? tokens.quiet : tokens.ink}
                  strokeWidth={(guide ? 0.8 : 1.5) / scale}
                  strokeDasharray={guide ? `${4 / scale} ${3 / scale}` : undefined}
                />
              ))}
              {template.labels.map(({ x, y, text }, i) => (
                <SvgText
                  key={i}
                  x={x}
                  y={y}
                  fontSize={13 / scale}
                  fontFamily="AtkinsonHyperlegibleNext_400Regular"
                  fill={tokens.ink}
                >
                  {text}
                </SvgText>
              ))}
            </Svg>
          ) : null}
        </View>
        <View className="flex-row flex-wrap gap-3">
          <QuantityField
            className="min-w-[140px] flex-1"
            label="Disc in the middle, across"
            dimension="length"
            unit="mm"
            value={discMm}
            min={0}
            max={Math.min(template.widthMm, template.heightMm)}
            onChange={setDisc}
          />
          <YesNo label="Petals to the corners" value={petals} onChange={setPetals} />
        </View>
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
          {sheets === 1 ? 'One sheet' : `${sheets} sheets that overlap by 10 mm`}. Print at 100 %,
          and hold a ruler to the 100 mm at the foot of a sheet.
        </Body>
        <View className="flex-row flex-wrap gap-2">
          <Button
            primary
            label={busy ? 'Drawing the sheets…' : 'Save as PDF'}
            disabled={busy}
            onPress={() => void savePdf()}
          />
          <Button
            label="Save as SVG"
            onPress={() => saveFile(`${name}-template.svg`, templateSvg(template), 'image/svg+xml')}
          />
        </View>
        {failed ? <Failed what="The PDF was not made." why={failed} /> : null}
      </View>
    </Screen>
  );
}

/** The file of the text font, which the page has loaded already. */
async function textFont(): Promise<ArrayBuffer> {
  const answer = await fetch(Asset.fromModule(AtkinsonHyperlegibleNext_400Regular).uri);
  return answer.arrayBuffer();
}
