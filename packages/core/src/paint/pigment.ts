/**
 * Generic artist pigments. Every value is an estimate from memory (typical figures), not measured and no maker's data.
 * hex is how a thick dry film looks; hidingReserve and mixWeight are defined in docs/science.md, density g/mL of the paint.
 */
export interface Pigment {
  readonly name: string;
  readonly ci: string;
  readonly hex: string;
  readonly hidingReserve: number;
  readonly mixWeight: number;
  readonly densityGPerMl: number;
}

export const PIGMENTS: readonly Pigment[] = [
  { name: 'titanium white', ci: 'PW6', hex: '#f7f6f2', hidingReserve: 2, mixWeight: 1, densityGPerMl: 1.41 },
  { name: 'craft white (chalk-extended)', ci: 'PW6+PW18', hex: '#f3f2ed', hidingReserve: 1.5, mixWeight: 0.7, densityGPerMl: 1.43 },
  { name: 'zinc white', ci: 'PW4', hex: '#f4f4f0', hidingReserve: 0.3, mixWeight: 0.3, densityGPerMl: 1.39 },
  { name: 'carbon black', ci: 'PBk7', hex: '#1a1a1c', hidingReserve: 10, mixWeight: 0.395, densityGPerMl: 1.06 },
  { name: 'bone black', ci: 'PBk9', hex: '#211f1e', hidingReserve: 3, mixWeight: 0.321, densityGPerMl: 1.12 },
  { name: 'mars black', ci: 'PBk11', hex: '#232122', hidingReserve: 10, mixWeight: 0.5, densityGPerMl: 1.26 },
  { name: 'blue-grey (ultramarine and black)', ci: 'PB29+PBk7', hex: '#262b36', hidingReserve: 1.5, mixWeight: 0.579, densityGPerMl: 1.09 },
  { name: 'phthalo blue (green shade)', ci: 'PB15:3', hex: '#0f2a6e', hidingReserve: 0.1, mixWeight: 0.418, densityGPerMl: 1.06 },
  { name: 'phthalo blue (red shade)', ci: 'PB15:1', hex: '#15246b', hidingReserve: 0.1, mixWeight: 0.458, densityGPerMl: 1.06 },
  { name: 'ultramarine blue', ci: 'PB29', hex: '#1d2490', hidingReserve: 0.11, mixWeight: 0.522, densityGPerMl: 1.16 },
  { name: 'cobalt blue', ci: 'PB28', hex: '#1f4aa6', hidingReserve: 0.4, mixWeight: 0.592, densityGPerMl: 1.28 },
  { name: 'cerulean blue', ci: 'PB36', hex: '#1d6fa0', hidingReserve: 1.2, mixWeight: 0.848, densityGPerMl: 1.31 },
  { name: 'prussian blue (hue)', ci: 'PB27', hex: '#14223f', hidingReserve: 0.2, mixWeight: 0.443, densityGPerMl: 1.07 },
  { name: 'turquoise (mixed)', ci: 'PB15:3+PG7', hex: '#0a5d76', hidingReserve: 0.2, mixWeight: 1.039, densityGPerMl: 1.06 },
  { name: 'light turquoise / teal (opaque)', ci: 'PB15:3+PG7+PW6', hex: '#1f9aa3', hidingReserve: 1.3, mixWeight: 1.604, densityGPerMl: 1.13 },
  { name: 'phthalo green (blue shade)', ci: 'PG7', hex: '#063d37', hidingReserve: 0.1, mixWeight: 0.478, densityGPerMl: 1.07 },
  { name: 'phthalo green (yellow shade)', ci: 'PG36', hex: '#0d4a2a', hidingReserve: 0.1, mixWeight: 0.533, densityGPerMl: 1.09 },
  { name: 'chromium oxide green', ci: 'PG17', hex: '#48683c', hidingReserve: 4, mixWeight: 0.744, densityGPerMl: 1.4 },
  { name: 'sap green type', ci: 'PG7+PY150+PR101', hex: '#3a4a1c', hidingReserve: 0.15, mixWeight: 0.589, densityGPerMl: 1.08 },
  { name: 'light green (opaque)', ci: 'PG7+PY74+PW6', hex: '#6cb33f', hidingReserve: 1.1, mixWeight: 0.962, densityGPerMl: 1.12 },
  { name: 'dioxazine violet', ci: 'PV23', hex: '#2a1441', hidingReserve: 0.2, mixWeight: 0.39, densityGPerMl: 1.05 },
  { name: 'quinacridone violet', ci: 'PV19', hex: '#6a1440', hidingReserve: 0.1, mixWeight: 0.362, densityGPerMl: 1.05 },
  { name: 'quinacridone magenta', ci: 'PR122', hex: '#8e1552', hidingReserve: 0.1, mixWeight: 0.536, densityGPerMl: 1.05 },
  { name: 'naphthol red', ci: 'PR170', hex: '#c01f28', hidingReserve: 0.4, mixWeight: 0.633, densityGPerMl: 1.05 },
  { name: 'pyrrole red', ci: 'PR254', hex: '#c81a24', hidingReserve: 0.6, mixWeight: 0.571, densityGPerMl: 1.07 },
  { name: 'cadmium red (or hue)', ci: 'PR108', hex: '#c62a1f', hidingReserve: 1.8, mixWeight: 0.472, densityGPerMl: 1.33 },
  { name: 'pyrrole orange', ci: 'PO73', hex: '#e2501a', hidingReserve: 0.5, mixWeight: 0.588, densityGPerMl: 1.05 },
  { name: 'benzimidazolone orange', ci: 'PO62', hex: '#ee7a12', hidingReserve: 0.4, mixWeight: 0.723, densityGPerMl: 1.06 },
  { name: 'arylide yellow (medium)', ci: 'PY74', hex: '#f5bf12', hidingReserve: 0.35, mixWeight: 0.699, densityGPerMl: 1.06 },
  { name: 'bismuth vanadate yellow', ci: 'PY184', hex: '#f4d60f', hidingReserve: 1.3, mixWeight: 0.615, densityGPerMl: 1.33 },
  { name: 'diarylide yellow', ci: 'PY83', hex: '#ef9f0c', hidingReserve: 0.18, mixWeight: 0.899, densityGPerMl: 1.06 },
  { name: 'nickel azo yellow', ci: 'PY150', hex: '#a8681a', hidingReserve: 0.08, mixWeight: 0.357, densityGPerMl: 1.07 },
  { name: 'yellow ochre / yellow iron oxide', ci: 'PY42', hex: '#c1852c', hidingReserve: 1.3, mixWeight: 0.526, densityGPerMl: 1.27 },
  { name: 'raw sienna type', ci: 'PBr7', hex: '#96622c', hidingReserve: 0.25, mixWeight: 0.542, densityGPerMl: 1.19 },
  { name: 'burnt umber', ci: 'PBr7', hex: '#42291f', hidingReserve: 1.2, mixWeight: 0.497, densityGPerMl: 1.22 },
  { name: 'red iron oxide', ci: 'PR101', hex: '#86301f', hidingReserve: 5, mixWeight: 0.513, densityGPerMl: 1.32 },
  { name: 'transparent red iron oxide', ci: 'PR101 (transparent)', hex: '#7a3312', hidingReserve: 0.1, mixWeight: 0.35, densityGPerMl: 1.16 },
  { name: 'unbleached / parchment type', ci: 'PW6+PY42+PBk9', hex: '#e4d8c2', hidingReserve: 1.5, mixWeight: 0.9, densityGPerMl: 1.35 },
  { name: 'gold (mica)', ci: 'PW20+PW6+PR101', hex: '#b28c3e', hidingReserve: 0.8, mixWeight: 0.609, densityGPerMl: 1.17 },
  { name: 'copper (mica)', ci: 'PW20+PR101', hex: '#a15f3c', hidingReserve: 0.9, mixWeight: 0.906, densityGPerMl: 1.17 },
  { name: 'bronze (mica)', ci: 'PW20+PR101+PBk11', hex: '#7c5f3a', hidingReserve: 0.9, mixWeight: 0.935, densityGPerMl: 1.17 },
  { name: 'silver (mica)', ci: 'PW20+PW6+PBk7', hex: '#a3a6a9', hidingReserve: 1.1, mixWeight: 1.917, densityGPerMl: 1.17 },
  { name: 'interference pearl (mica)', ci: 'PW20+PW6', hex: '#e9e8ec', hidingReserve: 0.05, mixWeight: 0.05, densityGPerMl: 1.15 },
  { name: 'neon pink (fluorescent)', ci: 'dyed resin toner, no stable CI', hex: '#ff3f8e', hidingReserve: 0.08, mixWeight: 0.837, densityGPerMl: 1.07 },
  { name: 'neon yellow (fluorescent)', ci: 'dyed resin toner, no stable CI', hex: '#e8ff2a', hidingReserve: 0.06, mixWeight: 0.791, densityGPerMl: 1.07 },
];
