import { registry } from '../../registry';
import { conditioner } from './conditioner';
import { conditionerThin } from './conditioner-thin';
import type { StockMedium } from './define';
import { glossConditioner } from './gloss-conditioner';
import { glossMedium } from './gloss-medium';
import { glueWater } from './glue-water';
import { glueWater70 } from './glue-water-70';
import { glueWaterConditioner } from './glue-water-conditioner';
import { mediumGluePolymer } from './medium-glue-polymer';
import { studioBlend } from './studio-blend';
import { thinner } from './thinner';

export type { StockMedium } from './define';

/** Mediums every plan may use without listing them. A plan's own medium of the same id takes precedence. */
export const STOCK_MEDIUMS: readonly StockMedium[] = Object.values(
  registry<StockMedium>()('medium', [
    conditioner,
    conditionerThin,
    thinner,
    glueWater,
    glueWater70,
    glueWaterConditioner,
    studioBlend,
    glossMedium,
    glossConditioner,
    mediumGluePolymer,
  ]),
);
