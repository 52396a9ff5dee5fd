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

/** What keeps it from happening: asked by every inspector and insurer, and by whoever has children or animals about. */
export const BEFORE: readonly { readonly what: string; readonly rule: string }[] = [
  {
    what: 'Waste',
    rule: 'Old thinner, hardener, driers and what was leached out go closed and named to where your town takes dangerous waste: never down the drain, never into the bin, never together with cloths. Cloths burn or dry apart from all of it.',
  },
  {
    what: 'Spraying',
    rule: 'Outdoors or in a booth whose fan may be used with vapour, with a mask for organic vapour and mist. Mist of a drying oil heats itself in filters as cloths do: change them the same day. Hardener is not sprayed here.',
  },
  {
    what: 'The day after',
    rule: 'Look again where cloths dried, in the dust bag of the sander and in the sweepings: what holds drying oil can start to glow a day later. Empty the bag outdoors every evening.',
  },
  {
    what: 'Children and animals',
    rule: 'Everything stands locked or out of reach, in its own tin with its own label, never in a drinks bottle. Walnut dust poisons horses, some scented oils poison cats. Whoever is pregnant keeps away from hardener, driers and old paint.',
  },
  {
    what: 'Once a quarter',
    rule: 'Walk it with everyone: where the phone, the numbers, the lidded can, the blanket and the extinguisher are, and which door is the way out. Ask your insurer in writing what they want where oil and solvent are kept.',
  },
];
