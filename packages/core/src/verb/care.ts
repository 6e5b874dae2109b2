export type CareCode =
  | 'open-flame'
  | 'resin'
  | 'spray'
  | 'slippery'
  | 'dust'
  | 'straw'
  | 'mains'
  | 'harmful'
  | 'waste';

/** Care notes in words. They defer to the label, the safety data sheet and local rules. */
export const CARE: Readonly<Record<CareCode, string>> = {
  'open-flame':
    'Open flame: nothing flammable near, no wet alcohol, no aerosol, hair tied back. Do not scorch the surface.',
  resin:
    'Resin and hardener: gloves, eye protection, fresh air, and the exact ratio of the product’s own sheet.',
  spray: 'Spray only outdoors or with good ventilation, and away from any flame.',
  slippery: 'Oil on the floor is slippery: wipe it up at once.',
  dust: 'Dust mask on while powder is dry.',
  straw: 'Never breathe in through the straw.',
  mains: 'Dry hands on tools that run from the mains.',
  harmful:
    'Cadmium, cobalt and the like are harmful as dust or spray: never sand or spray these colours.',
  waste:
    'Nothing goes down the drain: let what is left dry and bin it as local rules say. Tools that touched paint never go back to the kitchen.',
};
