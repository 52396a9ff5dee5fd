import type { CareClass } from '@/core/care';
import { CARE_CLASS_WORDS } from '../care-classes';
import type { SlipWords } from './shape';

const TREAT = Object.fromEntries(Object.entries(CARE_CLASS_WORDS).map(([id, { care }]) => [id, care])) as Record<
  CareClass,
  string
>;

export const en: SlipWords = {
  look: 'Look first: when the wood is dull or a water drop no longer beads, treat it. The dates are only a reminder to look.',
  lookFilm: 'Look at it now and then: where the film is whole, leave it. The dates are only a reminder to look.',
  lookBare: 'Nothing needs renewing. If it feels rough after a wash, smooth it with 240 paper along the grain.',
  headings: { keep: 'Keep it', renew: 'Renew it', on: 'Its finish', back: 'Send it back', never: 'Never' },
  wash: 'Wash by hand, wipe dry at once, stand it on edge to air.',
  never: 'No soaking, no heat, no dishwasher, no microwave. No cooking oil.',
  wood: {
    closed: '',
    'fine-open': 'Fine open pores: give it an hour longer to dry.',
    open: 'Open pores hold water: dry it on edge for a day.',
    soft: 'Soft wood: it dents; keep wet things off it.',
  },
  treat: TREAT,
  cures: (weeks) =>
    `Let it cure until it no longer smells, about ${weeks} ${weeks === 1 ? 'week' : 'weeks'}; no food until then.`,
  finish: {
    'never-dry': 'Never-drying oil, with or without wax',
    'oil-wax': 'Oil and wax paste',
    'drying-oil': 'Drying oil',
    'drying-oil-wax': 'Drying oil with wax',
    'hard-wax': 'Hard-wax oil',
    film: 'A film',
    friction: 'Friction polish',
    bare: 'Bare wood',
  },
  shipped: {
    soap: {
      finish: 'Soap',
      treat:
        'Wash it with natural soap and warm water along the grain, wipe off the surplus, dry it on edge. Do so whenever it looks dry.',
    },
    'two-part': {
      finish: null,
      treat:
        'When it looks dull or dry: wipe it with a damp cloth and send it to the workshop, or rub on a little plain hard-wax oil and buff it off within a quarter of an hour. The hardener is for the workshop alone.',
    },
  },
  notForFood: 'Not for food',
  scars: 'Scars: 240 paper or finer, with the grain, then renew; by hand only over engraving. Keep the marks that are character.',
  drops: 'a few drops',
  same: (name) => `Renew it with what is on it: ${name}.`,
  inBottle: (count) => `The bottle that came with it holds about ${count} ${count === 1 ? 'treatment' : 'treatments'}.`,
  workshop: 'Burns, deep scars and stains the shop can take out.',
  cautions: {
    'rags-self-heat': 'Oily cloths can set themselves alight: lay them flat outdoors or put them in water.',
    'rags-flammable': 'Cloths wet with it burn: dry them outdoors.',
    isocyanate: 'The hardener can cause asthma: gloves, fitted mask, fresh air; never spray it, never sand it before it is hard.',
    solvent: 'Flammable: no flame or spark, fresh air, gloves.',
    aspiration:
      'May be fatal if swallowed and it enters the lungs: do not make anyone vomit; call a poison centre or a doctor at once.',
    driers: 'Holds metal driers: gloves, not for what meets food.',
    'mould-water': 'Holds water: keep cold, use within the month.',
    separates: 'Shake before each use.',
  },
  use: {
    tacky: () => 'Stays tacky: not for a finished piece.',
    solvent: () => 'For thinning and wiping down; no finish by itself.',
    paint: () => 'Shake, brush on thin off the food face, dry four hours. Throw the rest away after two days.',
    polish: () => 'Shake. A few drops on paper at a slow lathe, rub until dry; never leave it lying, never cloth.',
    resin: () => 'Wipe or brush on thin, do not go over it again; dry for half an hour.',
    varnish: (minutes) => `Wipe on thin, wipe off within ${minutes} minutes; dry for a day.`,
    'hard-wax': () => 'Rub on warm wood, buff hard at once.',
    'oil-never': () => 'Wipe on, leave it as long as you like, wipe dry.',
    'oil-drying': (minutes) => `Wipe on thin, leave it no more than ${minutes} minutes, wipe dry.`,
    'paste-never': () => 'Rub in thin, leave a quarter of an hour, buff.',
    'paste-drying': (minutes) => `Rub in thin, buff off within ${minutes} minutes.`,
  },
  label: {
    contents: 'Contents',
    made: 'made',
    bestBefore: 'best before',
    unknown: 'not known',
    net: 'net',
    notToSwallow: 'Not for swallowing. Keep from children.',
    keepBelow: (temperature) => `Keep below ${temperature}.`,
  },
  every: (days, amount) => `About every ${days} days, ${amount} a time.`,
  first: (dates) => `First looks: ${dates}.`,
  back: 'A deep crack, a loose joint or a smell that stays: send it back, quoting the number.',
  cloths: 'Oily cloths can set themselves alight: lay them flat outdoors or put them in water. Never in a heap or a bin.',
  allergens: 'Allergens',
  noneKnown: 'none known',
  undeclared: 'Not all contents declared',
  madeWith: 'Made with, and gone from it',
  nothing: 'Nothing',
  keepUntil: 'Its page',
  allergenNames: {
    'not all declared': 'not all declared',
    coconut: 'coconut',
    'tree nut': 'tree nut',
    'tung nut': 'tung nut',
    'bee product': 'bee product',
    'citrus terpene': 'citrus terpene',
    milk: 'milk',
    soya: 'soya',
    turpentine: 'turpentine',
  },
  ingredients: null,
  woods: null,
  letter: {
    subject: (what) => `A look at your ${what}`,
    severalSubject: (count) => `A look at your ${count} pieces`,
    due: (what, tag, shop) =>
      `Your ${what} (${tag}) from ${shop} is due a look.\n\nLook first: when the wood is dull or a water drop no longer beads, treat it as its card says. If it looks well, leave it.`,
    link: 'How to care for it, and to say that it was re-oiled or that something is wrong:',
    stopAt: (link) => `To have no more of these e-mails: ${link}`,
    stopBy: 'To have no more of these e-mails, answer with the word “stop”.',
    holdSubject: (what) => `About your ${what}: please read`,
    hold: (what, tag, shop, why) =>
      `We at ${shop} have found something wrong with a material that your ${what} (${tag}) was finished with: ${why}.\n\nPlease do not use it for food until you have heard from us. Answer this letter and we will tell you what to do; we take it back if you wish.`,
    bottle: 'There should be a little of the same finish left in the tin that came with it.',
    amissSubject: (what) => `About your ${what}`,
    amiss: (what, tag, shop, advice) =>
      `Thank you for telling us about your ${what} (${tag}).\n\n${advice}\n\nSend us a photo, and how it is washed and kept, in answer to this letter. If it does not come right, send it back quoting its number: ${shop} puts it right.`,
    advice: {
      sticky:
        'Please use it for no food yet. Rub it hard with a clean dry cloth, stand it on edge somewhere warm, light and airy for a week, and look again. Please use no cooking oil on it.',
      pale: 'Put a drop of water on it. If it soaks in at once, the finish is worn: renew it as its slip says. If it is chalky and rough all over, it has been in a dishwasher: send it back. If it is furry or musty, wash it, let it dry in moving air and use it for no food until you have heard from us.',
      fuzzy:
        'Let it dry on edge for a day. Smooth it lightly with 240 paper along the grain, by hand, wipe the dust off and renew it as its slip says. If it comes back a second time, write to us.',
      cracked:
        'Please use it for no food and put it near no heat. Do not fill or glue it, and do not press it open. A crack holds what cannot be washed out.',
      smells:
        'Please use it for no food yet, and do not cover the smell with oil. If it smells of nuts or old fat, wash it hand-hot with a little soap and let it dry in the air. If it smells of paint, stand it open and airy. If it smells musty, dry it on edge; black spots that grow mean it meets food no more.',
    },
    judgedSubject: (what) => `About your ${what}: please read`,
    judged: (what, tag, shop, why) =>
      `By what we at ${shop} know today we would no longer sell your ${what} (${tag}) for what it was meant for: ${why}.\n\nPlease do not use it for food, and keep it from children's mouths, until you have heard from us. Answer this letter and we will tell you what to do; we take it back if you wish.`,
    gates: {
      wood: 'its wood is not fit for food',
      origin: 'nobody knows for certain where its wood came from',
      contact: 'its finish is not for where food lies',
      film: 'its finish forms a film, which a knife or teeth can chip off',
      heat: 'its finish does not stand hot food',
      cures: 'its finish may stay tacky',
      declared: 'not all contents of its finish are declared',
      nut: 'its finish holds tree nut',
    },
  },
  page: {
    next: 'Next look',
    last: 'Last re-oiled',
    reOiled: 'I re-oiled it today',
    wrongTitle: 'Something is wrong?',
    wrongLabel: 'What is wrong, and where on it',
    photo: 'A photo, if you like',
    tell: 'Tell the shop',
    letters: 'Letters and dates',
    calendar: 'Dates for your calendar',
    file: 'This page as a file to keep',
    stop: 'No more letters about this piece',
    again: 'Letters again, please',
    refill: 'More of the same finish',
    refillHave: (sizes) => `The shop has it: ${sizes}.`,
    refillOut: 'Sold out at the moment. Ask, and the shop tells you when there is more.',
    ask: 'Ask for a refill',
    gone: 'No longer yours?',
    given: 'I gave it away',
    ended: 'It no longer exists',
    hasEnded: 'This piece no longer exists; nothing is due.',
    told: {
      're-oiled': 'Thank you: it is written down, and the next look is reckoned from today.',
      wrong: 'Thank you: the shop will read it.',
      refill: 'Thank you: the shop will read it.',
      given: 'Thank you: there will be no more letters to you about it. Please pass its card on with it.',
      ended: 'Thank you: there will be no more letters about it.',
      stop: 'There will be no more letters about this piece.',
      letters: 'Letters come again when a look is due.',
      'say-what': 'Write a few words about what is wrong.',
      'not-a-photo':
        'That is not a photo this page can read (JPEG, PNG or WebP up to 4 MB). Your words were not sent: please send them again.',
      enough: 'Enough was written about this piece today. Try again tomorrow.',
      'words-kept':
        'What you wrote was kept. No photo was taken with it: much has come about this piece, or the shop is not sure of its clock. Send the photo tomorrow.',
      'not-written': 'The shop’s book cannot be written just now. Please try again later.',
      'not-understood': 'That was not understood. Use one of the buttons below.',
    },
    missing: 'There is no piece with this code. Look at the card again.',
    other: 'In English',
  },
};
