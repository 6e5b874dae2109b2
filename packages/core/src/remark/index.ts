import { registry } from '../registry';
import { activatorAtEdge } from './activator-at-edge';
import { asideOff } from './aside-off';
import { cornerUnreached } from './corner-unreached';
import { spunTooThin } from './spun-too-thin';
import { straightSeam } from './straight-seam';
import { beyondItsPot } from './beyond-its-pot';
import { bottleTurnedOver } from './bottle-turned-over';
import { cellsSwell } from './cells-swell';
import { colourNotLoaded } from './colour-not-loaded';
import { colourVanished } from './colour-vanished';
import { staysBare } from './stays-bare';
import { cupNeverPoured } from './cup-never-poured';
import { cupPouredTwice } from './cup-poured-twice';
import { cupTooFull } from './cup-too-full';
import { dullEnds } from './dull-ends';
import { edgesUnplanned } from './edges-unplanned';
import type { Evidence, Finding, RemarkDefinition, Severity } from './evidence';
import { filmLeftThick } from './film-left-thick';
import { groundAndFinish } from './ground-and-finish';
import { lessonLearnt } from './lesson-learnt';
import { metallicAsThin } from './metallic-as-thin';
import { moreRunsOff } from './more-runs-off';
import { mudShows } from './mud-shows';
import { neighboursMerge } from './neighbours-merge';
import { neighboursMud } from './neighbours-mud';
import { moveAmiss } from './move-amiss';
import { noTopCoat } from './no-top-coat';
import { notOpposite } from './not-opposite';
import { nothingSetAside } from './nothing-set-aside';
import { offConsistency } from './off-consistency';
import { oldOil } from './old-oil';
import { pairReacted } from './pair-reacted';
import { pinnedOverPot } from './pinned-over-pot';
import { samePlaceTwice } from './same-place-twice';
import { siliconeMisplaced } from './silicone-misplaced';
import { thickUnderSwipe } from './thick-under-swipe';
import { thirstyGround } from './thirsty-ground';
import { tooLittlePaint } from './too-little-paint';
import { tooMuchPaint } from './too-much-paint';
import { tooMuchWater } from './too-much-water';
import { unwantedColour } from './unwanted-colour';
import { vanishesOverDark } from './vanishes-over-dark';

/** Every remark there is. */
export const REMARKS: readonly RemarkDefinition[] = Object.values(
  registry<RemarkDefinition>()('remark', [
    tooLittlePaint,
    tooMuchPaint,
    cupTooFull,
    cupPouredTwice,
    cupNeverPoured,
    bottleTurnedOver,
    notOpposite,
    nothingSetAside,
    moveAmiss,
    samePlaceTwice,
    activatorAtEdge,
    asideOff,
    cornerUnreached,
    spunTooThin,
    straightSeam,
    thickUnderSwipe,
    beyondItsPot,
    pinnedOverPot,
    colourNotLoaded,
    neighboursMud,
    neighboursMerge,
    unwantedColour,
    dullEnds,
    pairReacted,
    lessonLearnt,
    vanishesOverDark,
    metallicAsThin,
    groundAndFinish,
    siliconeMisplaced,
    tooMuchWater,
    offConsistency,
    edgesUnplanned,
    thirstyGround,
    oldOil,
    noTopCoat,
    staysBare,
    colourVanished,
    filmLeftThick,
    cellsSwell,
    mudShows,
    moreRunsOff,
  ]),
);

export interface Remark extends Finding {
  readonly code: string;
}

const RANK: Readonly<Record<Severity, number>> = { spoils: 0, may: 1, note: 2 };

/** All that is worth saying about a plan, gravest first. */
export const remarksOn = (evidence: Evidence): Remark[] =>
  REMARKS.flatMap(({ id, see }) => see(evidence).map((finding) => ({ code: id, ...finding }))).sort(
    (a, b) => RANK[a.severity] - RANK[b.severity],
  );

export type { Lesson, LessonLearnt } from './lesson-schema';
export { type RunOff, runOffOf } from './run-off';
export type { Evidence, Finding, MixResult, PatchOp, RemarkDefinition, Severity } from './evidence';
