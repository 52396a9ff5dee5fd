import { type Issue, type IssueCode, type Reads, say, sayMinutes, type Written } from '@/core/quantity';
import { roleWords } from './roles';

type Bounds = Readonly<Record<string, string | number>>;
type Words = (bounds: Bounds, reads: Reads) => string;

const number = (value: string | number | undefined): string =>
  typeof value === 'number' ? String(Number(value.toPrecision(4))) : (value ?? '');

/** A quantity in a fault; a reading of the scale to the tenth, so that what was typed is known again. */
const amount = (value: string | number | undefined, heldIn: Written, reads: Reads, digits?: number): string =>
  typeof value === 'number' ? say(value, heldIn, reads, digits) : (value ?? '');
const mass = (value: string | number | undefined, reads: Reads): string =>
  amount(value, 'g', reads, typeof value === 'number' && Number.isInteger(Number(value.toFixed(1))) ? 0 : 1);

/** Every fault in words: what is wrong and what to do next. One row for each code of the core. */
export const ISSUE_WORDS: Readonly<Record<IssueCode, Words>> = {
  invalid: ({ detail }) =>
    detail ? `This does not fit here: ${detail}. Check it and try again.` : 'This does not fit here. Check it and try again.',
  required: () => 'Nothing is written here yet. Fill it in.',
  'not-a-number': ({ text }) =>
    text
      ? `“${text}” could not be read as an amount. Write it like 2.5, 0,75 or 1 1/2.`
      : 'Write a number, like 2.5, 0,75 or 1 1/2.',
  'thousand-or-one': ({ text, thousands, decimal }) =>
    `“${text}” may mean ${thousands} or ${decimal}. Write the one you mean: ${thousands}, or ${decimal} with a point.`,
  'no-material': ({ name, why }) => `“${name}” is ${why}: no material for this work.`,
  'must-be-positive': () => 'This must be more than zero. Write what there really is.',
  'too-small': ({ least }) => `This must be at least ${number(least)}. Check the digits and the unit.`,
  'must-not-be-negative': () => 'This cannot be less than zero.',
  'too-large': ({ least, most, unit }) =>
    most === undefined
      ? 'This is larger than it can be. Check the digits and the unit.'
      : least === undefined
        ? `This is larger than it can be (at most ${number(most)}${unit ? ` ${unit}` : ''}). Check the digits and the unit.`
        : `This must lie between ${number(least)} and ${number(most)}. Check the digits and the unit.`,
  'unknown-unit': ({ unit }) =>
    `“${unit}” is no unit that fits here. For weight write g, kg, oz or lb; for volume ml, l, fl oz or cup; for length mm, cm or in.`,
  'unit-missing': () => 'Add the unit, such as g, kg, ml or l.',
  'wrong-unit': ({ unit }) => `“${unit}” does not measure this. Use another unit.`,
  'ounce-ambiguous': () => 'An ounce by itself may be a weight or a volume. Say which: oz wt, fl oz (US) or imp fl oz.',
  'country-ambiguous': () =>
    'This shop reads imperial measures, and a fluid ounce, a pint or a gallon of the US is another size. Say which: imp fl oz or US fl oz.',
  'filled-not-added': ({ mark }, reads) =>
    `That is where it stands when it was filled to the amount that should have been added. Add the rest, until it stands at ${amount(mark, 'ml', reads)}; or keep it as it is.`,
  'added-not-filled': ({ mark }, reads) =>
    `That is where it stands when the level it should have been filled to was added on top. It should stand at ${amount(mark, 'ml', reads)}. Keep it and put the pot right, or read again.`,
  'level-fell': ({ before }, reads) =>
    `The jug stood at ${amount(before, 'ml', reads)} before: it cannot stand lower now. Read it again, at eye height.`,
  'no-bore': () =>
    'A level says how much is in only where the width inside is known. Weigh the bottle instead, or say its width when it is filled.',
  'no-tare': () => 'What it weighs empty was never said: type how much goes in instead.',
  'nothing-went-in': ({ before }, reads) =>
    `By its book ${amount(before, 'g', reads)} were in it, and it weighs no more than that now. Count it first, or weigh again.`,
  'say-the-lump': () => 'Say how much there is of one line at least: a lump of wax, a bottle of oil.',
  'pieces-by-volume': ({ name }) =>
    `A cup of ${name} in pieces holds more air than wax or flake, and nobody can say how much. Weigh it, or melt it first and say that it is melted.`,
  'not-molten': ({ name, melt }, reads) =>
    `${name} is not melted at that warmth: it melts at ${amount(melt, '°C', reads, 0)}. Check the temperature.`,
  'unknown-ingredient': ({ id }) => `No ingredient is called “${id}”. Choose one from the list.`,
  'duplicate-ingredient': ({ name }) => `${name} stands here twice. Put its parts together in one line.`,
  'duplicate-id': ({ id }) =>
    id
      ? `“${id}” stands here twice. Each needs a name of its own.`
      : 'The same name stands here twice. Each needs a name of its own.',
  'no-stock-given': ({ name }) => `No stock of ${name} is given. Say how much there is, or take the line out.`,
  'one-make': () => 'Give one size only: a total, a volume, what you have, or so many jars.',
  'nothing-to-fill': () => 'Nothing is left to fill once what stays in the pot is taken off. Check the mass and the loss.',
  'too-many-combinations': () => 'There are too many ways to fill so many jars. Leave out some sizes or lower the counts.',
  'unknown-line': ({ id }) => `“${id}” is not a line of this formula. Take it out, or record it as a wrong ingredient.`,
  'nothing-poured': () => 'Nothing has been poured yet. Weigh the first ingredient.',
  'add-other': ({ instead }) => `There is too much of it already: adding more takes you further away. Add ${instead} instead.`,
  'target-out-of-reach': ({ least, most }) =>
    least === undefined
      ? 'This target cannot be reached by adding. Lower it.'
      : `The target must lie between the two lots, ${number(least)} and ${number(most)}.`,
  'same-fractions': () => 'Both lots hold the same share, so mixing them changes nothing. Choose another lot.',
  'want-too-much': ({ most }, reads) => `These lots give at most ${mass(most, reads)} at that target. Ask for less.`,
  'bottle-gained': () => 'The bottle weighs more than it can. Check the tare and what was used, then weigh again.',
  'lost-more-than-solvent': () => 'More is missing than there was solvent: it leaked, or the tare is wrong. Weigh again.',
  'not-in-proportion': () =>
    'The target has the other ingredients in another proportion than the concentrate. Only the solvent may differ.',
  'not-one-volatile': () => 'A let-down adds exactly one solvent that the concentrate lacks. Check the target.',
  'dries-by-nothing': () =>
    'Nothing of what it declares dries. Say what dries in it, untick “these are all its contents”, or choose “it never dries”.',
  'never-melted': ({ name }) => `${name} holds what must never be heated, or what nobody declares: it is not melted again.`,
  'used-or-air': ({ missing }, reads) =>
    `${say(Number(missing), 'g', reads)} less than the book says. Was it used, or did it go into the air? Choose: what is left after that is a stronger mix.`,
  'odd-size': ({ sizes }) => `Is it really ${sizes}? Tick that it is, or put the size and its unit right.`,
  'thinner-already': ({ has, wanted }, reads) =>
    `It holds ${say(Number(has), 'fraction', reads, 1)} of it already: ask for more than that, not ${say(Number(wanted), 'fraction', reads, 1)}.`,
  'fractions-sum': ({ sum }) => `The shares add up to ${number(sum)}, not to 1. Correct them.`,
  'dwell-shorter-than-setup': () =>
    'Even one piece cannot be wiped in time: setting up takes longer than the dwell allows. Lay out the cloths beforehand or choose a slower finish.',
  'dwell-past-chemistry': ({ most }) =>
    `This material gums after ${sayMinutes(Number(most))}. Shorten the dwell or choose another material.`,
  'wait-order': () => 'The least wait must not be longer than the ideal one, nor the ideal longer than the most.',
  'opening-order': () => 'Closing must come after opening on the same day; write 24:00 for midnight.',
  'unknown-zone': ({ zone }) => `“${zone}” is no time zone this machine knows. Write one like Europe/Lisbon.`,
  'bad-time': ({ text }) => `“${text ?? ''}” is no date or time. Write year-month-day and the time, or words like “tomorrow 9”.`,
  'step-out-of-order': ({ expected }) =>
    expected ? `That comes later: record “${expected}” first.` : 'All steps of this batch are done already.',
  'actual-backwards': () => 'This lies before the step that came before it. Check the times.',
  'finish-by-or-start': () => 'Give either a start or the time it must be finished by, and that only for work not begun.',
  'profile-short': () => 'A profile needs at least a foot and a rim. Add a point.',
  'profile-backwards': () =>
    'The outside must climb from foot to rim. This point lies no higher than the one before: raise it or take it out.',
  'profile-thick': () => 'The wall or floor is too thick for this form: nothing hollow is left. Make it thinner.',
  'profile-undercut': () => 'The inside reaches through the outside here. Check the profile.',
  'one-ingredient': () => 'A formula mixes at least two ingredients. Add a second one, or use the stock lot neat.',
  'not-found': () => 'This is no longer here. Go back and choose again.',
  stale: () => 'Someone else changed this while you were writing. Yours is kept below: look at both, then save again.',
  'name-taken': ({ name }) => `“${name}” is taken. Choose another name.`,
  'no-person': () =>
    'Say first who is at this device: touch your initials, at the foot of the rail or at the top of a narrow screen.',
  overdrawn: ({ number: lot, left, wanted }, reads) =>
    `Lot ${lot} has ${mass(left, reads)} left, and this takes ${mass(wanted, reads)}. Weigh again, take less, or choose another lot.`,
  'not-next': ({ action, next }) => (next ? `“${action}” comes later: first “${next}”.` : `“${action}” is done already.`),
  'in-the-future': () => 'This lies in the future. Write when it was done.',
  'in-the-past': () => 'This start lies in the past. Start now or later; what was done before is recorded as done.',
  'before-last': ({ last }) => `This lies before the last thing recorded for it (${last}). Check the time.`,
  'no-readings': () => 'Nothing has been weighed yet. Weigh at least two ingredients.',
  'reading-between': () => 'Another reading was kept before this one. Look what is to go in now, then press again.',
  'reading-fell': ({ before }, reads) =>
    `The scale said ${mass(before, reads)} before, so it cannot say less now. Tare again or correct the reading before.`,
  'wrong-role': ({ name, takes, is }) =>
    `${name} is ${is === '' || is === undefined ? 'none of the materials' : roleWords(is)} and does not go here: this wants ${roleWords(takes)}. Choose another lot.`,
  'too-slow': ({ name, most }, reads) =>
    `${name} sets too slowly for so many coats in a day: this regimen counts on one that is fit within ${number(most)} h at ${amount(20, '°C', reads, 0)}. Choose another lot or a patient regimen.`,
  'no-coats-left': () => 'No coat of this material is left to strike.',
  'no-coat-yet': () => 'Nothing of this material is planned or given here. Choose one that is.',
  'change-begun': () => 'What was done since rests on it. Take that back first, then this.',
  'disk-fault': () =>
    'The disk did not take this, though it is not full: it may be failing. What you wrote stays here. Carry a whole copy away, then have the disk looked at.',
  'disk-full': () =>
    'The disk is full: nothing was written, and what you typed stays here. Make room on the disk, then try again.',
  'not-writable': () =>
    'The shop’s file cannot be written to: its disk or folder is read-only. What you typed stays here. Make it writable, then try again.',
  'file-locked': () =>
    'Another program holds the shop’s file. What you typed stays here. Close what copies or opens it, then try again.',
  'clock-leapt': () =>
    'This machine’s clock leapt against the newest record, so nothing is dated by it yet. What you wrote stays. Open Today and say whether the clock is right.',
  'too-long': ({ most, letters }) =>
    `This is ${letters === undefined ? 'too long' : `${number(letters)} letters long`}; at most ${number(most)} are read here. Was the wrong thing pasted?`,
  'too-many': ({ most }) => `There are more than ${number(most)} here, more than is looked at in one go. Take fewer at a time.`,
  'passcode-length': ({ least, most }) =>
    `A passcode has ${number(least)} to ${number(most)} letters. Several words are easier to keep.`,
  'not-the-same': () => 'The two do not say the same. Type both again.',
  'too-many-today': () => 'That is as much as one day takes. Come again tomorrow, or write to the shop.',
  'file-damaged': () =>
    'The shop’s file is damaged, and nothing was written. Stop the shop and put the newest good copy back: bin/rendle restore FILE.',
  'much-more': ({ number: lot, left, wanted }, reads) =>
    `${mass(wanted, reads)} is far more than such a coat takes, and lot ${lot} holds ${mass(left, reads)} by the book. If it was so, say so; if it is a slip, put it right.`,
  'before-lot': ({ number: lot }) =>
    `That is before lot ${lot} came in or was made. If it was so, say so; if the time is wrong, put it right.`,
  'before-batch': ({ number: batch }) =>
    `That is before batch ${batch} began. If it was so, say so; if the time is wrong, put it right.`,
  'wrong-drying': ({ name, wants }) =>
    `${name} does not suit this place in the regimen: it wants a material that ${wants === 'never' ? 'never dries' : 'dries'}. Choose another lot or another regimen.`,
  'wrong-feel': ({ name, feel }) =>
    `${name} is not what goes here: the regimen wants ${feel === 'paste' ? 'a paste to rub in' : 'an oil that is poured'}. Choose another lot.`,
  'sets-in-tin': ({ name }) =>
    `${name || 'It'} is mixed with its hardener: it sets within the hour, warm, and bursts a closed tin. Use it at once in “Two-part hard wax”; leave what is over open, outdoors.`,
  'stays-tacky': ({ name }) => `${name} is part drying, part never-drying: it stays tacky. Choose another lot.`,
  'slot-empty': ({ name }) => `Choose the lot for “${name}”.`,
  'not-optional': () => 'This step cannot be left out of the regimen.',
  'ratio-lines': ({ parts, lines }) =>
    `It names ${parts} ${Number(parts) === 1 ? 'part' : 'parts'}, and the formula has ${lines} lines.`,
  'ratio-word': ({ word }) => `Which line “${word}” is cannot be told. Write the numbers in the order of the lines.`,
  'not-the-last': ({ last }) =>
    `It is not the last thing recorded for this batch any more: “${last}” came after. Put it right in the coat book.`,
  'nothing-to-undo': () => 'There is nothing to take back here.',
  'check-needs-outcome': () => 'Say whether the check passed.',
  'gate-unmet': ({ gate }) => `“${gate}” is not met, and nobody can sign for it. Do what it asks first.`,
  'reason-needed': () => 'Write the reason: it stands on the record.',
  'sale-stands': () =>
    'Its owner has had a letter, or something was said of it since: write down that it came back instead, under its slip.',
  'already-saved': () => 'This was saved as you first sent it. Look it up; save again only if you mean one more.',
  'already-decided': () => 'This batch has been released or refused already.',
  'hardener-with-water': () =>
    'A hardener is never mixed with water or alcohol: gas bursts the tin, or the alcohol uses the hardener up. Take those lines out.',
  'hardener-without-oil': () => 'A hardener needs an oil that dries to bind to: add one, or take the hardener out.',
  'inside-breaks-out': () => 'The inside comes out through the outside here. Make it narrower or the outside wider.',
  'batch-cancelled': () => 'This batch is cancelled. Undo that on its page first.',
  'no-pieces': () => 'No pieces are left in this batch.',
  'in-a-trial': ({ number }) => `It is part of trial ${number}. Close the trial instead.`,
  'not-released': () => 'Only released pieces can be sold. Release the batch first.',
  'not-enough-pieces': ({ left }) => `Only ${left} pieces are left to sell. Choose fewer.`,
  'never-burnt': () => 'Cloths with solvent in them are never burnt: the vapour catches fire first. Lay them flat outdoors.',
  'solvent-last': ({ name }) =>
    `${name} is stirred in last, off the heat, once the pot is below its mark. Weigh the rest first, or make this pot cold.`,
  'too-warm-for-solvent': ({ most }, reads) =>
    `Read the thermometer first: solvent goes in only below ${amount(most, '°C', reads, 0)}, off the heat and away from any flame.`,
  'still-lumps': () => 'Look against the light: it is filled only once no lump of wax is left. Shake it and wait.',
  'practice-only': () => 'Practice devices write into practice pots only. Begin one to try them.',
  'pieces-held': () =>
    'These pieces are held: by what is known now they would be refused. Say under “What we know has changed” what becomes of them.',
  'rags-first': () => 'Say first how the cloths lie.',
  'not-enough-jars': ({ name, have }) => `There are only ${have} of “${name}” in the stores. Fill fewer, or enter more jars.`,
  'pour-closed': () => 'This pot is finished. Start a new one.',
  'no-complete-cycle': () =>
    'At no cycle has every board a score of every treatment yet: score what is missing, or leave a board out.',
  'fields-too-small': ({ least, each }, reads) =>
    `A field would be ${say(Number(each), 'mm', reads, 0)} long; it wants ${say(Number(least), 'mm', reads, 0)}. Take a longer board or fewer treatments.`,
  'card-clipped': () => 'The grey card is burnt out: take the picture again with less light, or further from the lamp.',
  'cards-unlike': () =>
    'The four grey cards are too unlike for one light: a shadow lies on one, or a corner is not set on the board’s own corner.',
  'corners-crossed': () => 'The four corners cross or lie in a line. Set them round the board in one turn.',
  'corners-outside': () =>
    'The board or one of its cards ends outside the picture. Set the corners again, or take it from further off.',
  'trial-batch': () => 'This is a treatment of a trial: its fields are compared, never released or sold.',
  'trial-closed': () => 'This trial is closed. Open it again to go on with it.',
  'first-picture': () => 'A shift is measured against the first picture of this board: take one at cycle 0 first.',
  'no-cycle': () => 'Nothing of this kind was counted yet, so there is nothing to take back.',
  'not-a-score': ({ least, most }) => `A score here lies between ${Number(least)} and ${Number(most)}.`,
  'card-black': () => 'The grey card is black in one colour: the picture is too dark, or that is no card.',
  'no-wax': () => 'There is no wax in it to make it firmer. Add a wax first.',
  'only-wax': () => 'It is all wax. Add an oil to soften it.',
  'wax-too-soft': () =>
    'Even all wax would not be that hard in this room. Add a harder wax, such as carnauba, or choose a softer use.',
  'wrong-way': () => 'That ingredient pulls the feel the other way. Add oil to soften, wax to harden.',
  'ambiguous-name': ({ name, may }) =>
    `“${name}” does not say what is in the tin. ${may ? `Write which it is, with nothing added: ${may}. ` : ''}If it is a bought finish, enter it with what its label says.`,
  'unknown-basis': ({ basis }) => `“${basis ?? ''}” is no way to measure here. Write mass or volume.`,
  'solvent-above-oil': () =>
    'There is more solvent than oil. It would leave too little behind and dry patchy: no more solvent than oil.',
  'lot-held': ({ number: lot }) =>
    `Lot ${lot} is held: nothing may be drawn from it. Choose another lot, or lift the hold on its page.`,
  'same-lot': () => 'These are the same lot. Choose two different ones.',
  'bad-date': ({ text }) => `“${text ?? ''}” is no date. Write year, month and day with dashes between.`,
  'bad-hours': () => 'Write opening and closing like 08:30-18:00; closing comes after opening.',
  'not-enough-tins': ({ left }) => `Only ${left} are left. Choose fewer.`,
  'next-pot-too-small': () => 'So small a pot cannot take the slip up. Make the next pot larger, or rescale this one.',
  'below-tare': ({ tare }, reads) => `A filled jar cannot weigh less than an empty one (${mass(tare, reads)}). Weigh again.`,
  'outside-window': () => 'This lies outside the step’s window, where harm begins. Choose a time inside it.',
  'recorded-elsewhere': ({ number: from }) =>
    `This was recorded in ${from ?? 'another batch'}, before these pieces left it. Put it right there.`,
  'not-in-step': ({ number: other }) =>
    `Batch ${other ?? ''} is at another step. Only batches that wait for the same step can be joined.`,
  'not-alike': ({ number: other, what }) =>
    `Batch ${other ?? ''} differs in ${what ?? 'kind'}. Record them together instead; each keeps its own book.`,
  'no-such-piece': ({ tag }) =>
    `No piece ${tag ?? ''} is in this batch. Its chalk mark is the batch’s number, a stroke and its own.`,
  'not-a-photo': () => 'This is not a photo that can be kept: JPEG, PNG or WebP, up to 4 MB.',
  'way-begun': () => 'Steps of this way back are recorded already. Take them back first.',
  'grit-backwards': ({ grit, last }) =>
    `Grit ${grit ?? ''} is coarser than ${last ?? ''} before it. Go finer each time; a repair is the only way back.`,
  'grit-jump': ({ grit, last }) =>
    `From ${last ?? ''} to ${grit ?? ''} is more than double: the scratches stay. Put a grit between.`,
  'scuff-coarser': ({ grit, last }) =>
    `A scuff with ${grit ?? ''} is coarser than the sanding before it (${last ?? ''}). Scuff finer.`,
  'coat-over-wet': ({ action }) =>
    `“${action ?? ''}” goes over a coat that was never wiped or left to rest. Wipe it, or let it rest first.`,
  'no-such-surface': ({ action, name }) =>
    `“${action}” treats a surface that “${name}” does not have. Choose another finish, or change the surfaces of that step.`,
  'no-answer': () => 'The reckoning did not answer on this device. Ask again; if it stays so, reload the page.',
  'nothing-done': () => 'Nothing of this batch is done yet: there is nothing to repeat. Start one from its regimen.',
  'no-baking': ({ action }, reads) =>
    `“${action}”: oiled wood is not baked or scorched here. It smokes, it can catch fire, and it cracks. Sun or a warm cabinet at ${amount(35, '°C', reads, 0)} hurries it.`,
  'layer-will-not-hold': ({ action, under }) =>
    `“${action}” will not hold over “${under}”: colour goes before seal, seal before oil, oil under wax. Change the order, or say why the house does it so.`,
  'layer-test': ({ action, under }) =>
    `“${action}” over “${under}” holds on some and lifts on others. Try it on a test piece of the same wood first.`,
  'wipe-missing': ({ action }) =>
    `“${action ?? ''}” floods the wood and no wipe or buff follows. What dries there gums: add one.`,
  'name-needed': () => 'This needs a name of its own.',
  'not-a-duration': ({ text }) => `“${text ?? ''}” is no length of time. Write it like 20 min, 1 h 30 or 2 days.`,
  'cut-too-large': () => 'This would cut through the piece or reach past its edge. Make it smaller.',
  'lighter-after': () => 'A piece cannot be lighter after a coat than before it. Weigh again.',
};

/** One fault in words. */
export const sayIssue = (issue: Issue, reads: Reads): string => ISSUE_WORDS[issue.code](issue.with ?? {}, reads);
