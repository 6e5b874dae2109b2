import {
  brief,
  type DotsFor,
  dotsFor,
  type Plan,
  previewOf,
  type TechniqueFor,
  techniqueKey,
  techniquesFor,
  type Wish,
} from '@potter/core/plan';
import { capital } from '@potter/core/quantity';
import { type OwnTechnique, type Sight, SIGHTS, TECHNIQUES } from '@potter/core/technique';
import { type Tool, TOOLS } from '@potter/core/verb';
import { techniqueFileName, writeTechnique } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Picture } from '@/picture/had';
import { SMALL, useSeveral } from '@/picture/several';
import { SmallPicture } from '@/picture/small-picture';
import { saveFile } from '@/data/files';
import { useOwnTechniques } from '@/data/own-techniques';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { useMat } from '@/ui/mat';
import { Screen } from '@/ui/screen';
import { Ticked } from '@/ui/ticked';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { DotsOffered } from './dots';
import { OpenOwn } from './open-own';

const ALL_TOOLS = Object.keys(TOOLS) as Tool[];
/** Whoever is in a hurry has so long, min. */
const SHORT_MIN = 30;

/** Dots are kept beside techniques, by names no technique has. */
const dotKey = ({ pattern }: DotsFor): string => `dots ${pattern}`;

/** How to pour this plan: every technique with its own picture of it, the nearest to fit first. */
export function TechniqueScreen() {
  const { id, plan, studio, edit } = usePlan();
  const router = useRouter();
  const mat = useMat();
  const [wish, setWish] = useState<Wish>({});
  const [opened, setOpened] = useState<string>();
  const own = useOwnTechniques();
  const offers = useMemo(() => techniquesFor(plan, wish, own.kept), [plan, wish, own.kept]);
  const here = techniqueKey(plan);
  const dots = useMemo(() => dotsFor(plan), [plan]);
  const wanted = useMemo(() => {
    const wants = (key: string, of: Plan) => ({
      key,
      preview: () => previewOf(of, brief(of, studio)),
    });
    return [
      ...offers.map((offer) => wants(offer.key, offer.plan)),
      ...dots.map((offer) => wants(dotKey(offer), offer.plan)),
    ];
  }, [offers, dots, studio]);
  const { had } = useSeveral(wanted, SMALL);
  const has = wish.has ?? ALL_TOOLS;
  const back = () => router.replace(`/plans/${id}/moves`);
  return (
    <Screen title="Technique" acts={<Button label="Back" onPress={back} />}>
      <View className="gap-5">
        <View className="gap-3">
          <Choice<Sight | 'any'>
            label="I want to see"
            value={wish.sight ?? 'any'}
            options={[
              { value: 'any', label: 'Anything' },
              ...(Object.keys(SIGHTS) as Sight[]).map((value) => ({ value, label: SIGHTS[value] })),
            ]}
            onChange={(sight) => {
              const { sight: _, ...rest } = wish;
              setWish(sight === 'any' ? rest : { ...rest, sight });
            }}
          />
          <View className="gap-1">
            <Small>I have</Small>
            <View className="flex-row flex-wrap gap-2" role="group" aria-label="I have">
              {ALL_TOOLS.map((tool) => (
                <Ticked
                  key={tool}
                  label={capital(TOOLS[tool])}
                  on={has.includes(tool)}
                  onPress={() =>
                    setWish({
                      ...wish,
                      has: has.includes(tool) ? has.filter((t) => t !== tool) : [...has, tool],
                    })
                  }
                />
              ))}
              <Ticked
                label="Half an hour only"
                on={wish.minutes !== undefined}
                onPress={() => {
                  const { minutes, ...rest } = wish;
                  setWish(minutes === undefined ? { ...rest, minutes: SHORT_MIN } : rest);
                }}
              />
            </View>
          </View>
          <Body>
            Each picture is computed of this plan: its surface, its colours, its amounts. Coarse:
            enough to tell one from another.
          </Body>
        </View>
        {own.forgotten ? (
          <UndoBar says={`${own.forgotten.sequence.name} is forgotten.`} onUndo={own.remember} />
        ) : null}
        <View role="list" aria-label="Techniques" className="gap-3 wide:flex-row wide:flex-wrap">
          {offers.map((offer) => (
            <Offer
              key={offer.key}
              offer={offer}
              picture={had.get(offer.key)?.picture}
              mat={mat}
              planned={offer.key === here}
              open={opened === offer.key}
              onOpen={() => setOpened(opened === offer.key ? undefined : offer.key)}
              onForget={own.forget}
              onTake={() => {
                edit(() => offer.plan);
                back();
              }}
            />
          ))}
        </View>
        <DotsOffered
          offers={dots}
          pictureOf={(offer) => had.get(dotKey(offer))?.picture}
          mat={mat}
          onTake={(offer) => {
            edit(() => offer.plan);
            router.replace(`/plans/${id}/finish`);
          }}
        />
        <OpenOwn onOpened={own.keep} />
      </View>
    </Screen>
  );
}

interface OfferProps {
  readonly offer: TechniqueFor;
  readonly picture: Picture | undefined;
  readonly mat: string;
  /** The plan is poured so already. */
  readonly planned: boolean;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onTake: () => void;
  readonly onForget: (technique: OwnTechnique) => void;
}

function Offer({ offer, picture, mat, planned, open, onOpen, onTake, onForget }: OfferProps) {
  const { technique, own } = offer;
  return (
    <View
      role="listitem"
      className={`gap-2 border-l-4 bg-raised p-2 wide:w-[420px] ${planned ? 'border-l-ink' : offer.fits ? 'border-l-outline' : 'border-l-transparent'}`}
    >
      <View className="flex-row gap-3">
        <SmallPicture
          picture={picture}
          mat={mat}
          label={`This plan as ${technique.name.toLowerCase()}`}
        />
        <View className="flex-1 gap-1">
          <Heading>{technique.name}</Heading>
          {own ? (
            <Small>Your own, begun as {TECHNIQUES[own.began].name.toLowerCase()}</Small>
          ) : null}
          <Small>
            {offer.lacks.length > 0
              ? `Wants ${offer.lacks.map((tool) => TOOLS[tool]).join(', ')}. `
              : ''}
            {offer.minutes} min until it is left alone.
          </Small>
          <Body>{technique.shows}</Body>
        </View>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={open ? 'Less' : 'More'}
          name={`${open ? 'Less' : 'More'} on ${technique.name}`}
          onPress={onOpen}
        />
        {planned ? <Strong className="self-center">As it is planned</Strong> : null}
        {planned ? null : (
          <Button label="Pour it so" name={`Pour it so: ${technique.name}`} onPress={onTake} />
        )}
      </View>
      {open ? (
        <View className="gap-2">
          <Body>{technique.says}</Body>
          {offer.changes.length > 0 ? (
            <View className="gap-1">
              <Strong>What would change</Strong>
              {offer.changes.map((says) => (
                <Body key={says}>{says}</Body>
              ))}
            </View>
          ) : null}
          <View className="gap-1">
            <Strong>What to mind</Strong>
            {technique.minds.map((says) => (
              <Body key={says}>{says}</Body>
            ))}
          </View>
          <Small>{technique.pins.why}</Small>
          {own ? (
            <View className="flex-row flex-wrap gap-2">
              <Button
                label="Share as a file"
                name={`Share ${technique.name} as a file`}
                onPress={() => saveFile(techniqueFileName(technique.name), writeTechnique(own))}
              />
              <Button
                label="Forget it"
                name={`Forget ${technique.name}`}
                onPress={() => onForget(own)}
              />
            </View>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
