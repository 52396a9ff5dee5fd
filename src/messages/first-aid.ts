/**
 * What is done first when something happened at the bench, the gravest first. The usual steps of first aid with these stuffs; the label, a
 * first-aid course and whoever is called go before them.
 */
export const FIRST_AID: readonly { readonly when: string; readonly act: string; readonly calls: 'emergency' | 'poison' }[] = [
  {
    when: 'Trouble breathing, swollen lips or tongue, fainting',
    act: 'Call the emergency number. Out into fresh air, sitting up; somebody stays there. It may be hardener, wood dust or nut oil: say which.',
    calls: 'emergency',
  },
  {
    when: 'Swallowed: thinner, thin oil, polish, hardener',
    act: 'Do not make them vomit, and give no milk or oil. Rinse the mouth, a few sips of water if they are awake. Call the poison centre at once, the label in your hand. Coughing or sleepy: the emergency number.',
    calls: 'poison',
  },
  {
    when: 'In the eye: lime or milk paint, hardener, solvent, hot wax',
    act: 'Hold the lids open under lukewarm running water for 15 minutes, contact lenses out. Do not rub. Then to a doctor at once; with lime or hardener call first and go on rinsing.',
    calls: 'poison',
  },
  {
    when: 'On the skin: hardener, lime, solvent',
    act: 'Wet clothes off. Wipe hardener off dry, then wash with soap and much water; never with thinner. Redness or blisters that stay: a doctor.',
    calls: 'poison',
  },
  {
    when: 'Burnt by hot wax or oil',
    act: 'Cool it 20 minutes under lukewarm running water. Leave wax that sticks; rings off. No butter, no oil, no ice. Larger than a hand, on face, hands or joints, or white: the emergency number.',
    calls: 'emergency',
  },
  {
    when: 'Breathed in: vapour, mist, smoke of cloths',
    act: 'Into fresh air, rest. Cough, headache or tight chest that stays, even hours later: a doctor; after hardener always.',
    calls: 'poison',
  },
];
