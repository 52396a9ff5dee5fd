'use client';

import { type UseComboboxReturnValue, useCombobox } from 'downshift';
import { useState } from 'react';
import { boughtOfLine } from '@/core/blend';
import { answersTo, findIngredient, INGREDIENTS, identify, nearNames, REFUSAL_KINDS } from '@/core/material';
import { FAMILY_WORDS } from '@/messages';
import { ingredientPicker as wording } from '@/messages/screens/trade';
import { FamilySwatch } from '@/ui/family';
import { catalogue } from '@/web/here-catalogue';

export type ReadyChoice = { readonly id: number; readonly name: string };
type Option =
  | { readonly kind: 'ingredient'; readonly id: string; readonly name: string; readonly says: string; readonly family: string }
  | { readonly kind: 'ready'; readonly id: number; readonly name: string; readonly says: string }
  | { readonly kind: 'unknown'; readonly name: string; readonly says: string };

const optionOf = (id: string, says?: string): Option[] => {
  const one = findIngredient(id, catalogue());
  if (!one) return [];
  const other = one.alsoCalled.length > 0 ? wording.also(one.alsoCalled.join(', ')) : FAMILY_WORDS[one.family];
  return [{ kind: 'ingredient', id: one.id, name: one.name, says: says ?? other, family: one.family }];
};

/** What the list asks or says above its options. */
type Heading = string | null;

/** The shop's own that answer to a text: its ingredients, and in a formula its bought finishes. */
const ownOptions = (typed: string, forLine: boolean): Option[] =>
  catalogue()
    .own.filter((one) => (forLine || boughtOfLine(one.id) === null) && answersTo(one, typed))
    .flatMap((one) => optionOf(one.id, boughtOfLine(one.id) === null ? wording.theShopsOwn : wording.boughtFinishAsA));

/** What a typed name may mean: the one ingredient, what may really be in a tin of that name, no material at all, or names that lie near. */
function optionsFor(
  text: string,
  ready: readonly ReadyChoice[],
  forLine: boolean,
): { readonly heading: Heading; readonly options: readonly Option[] } {
  const typed = text.trim();
  const own = [
    ...ownOptions(typed, forLine),
    ...ready
      .filter((one) => one.name.toLowerCase().includes(typed.toLowerCase()))
      .map((one): Option => ({ kind: 'ready', id: one.id, name: one.name, says: wording.boughtFinishUsedAs })),
  ];
  if (typed === '') return { heading: null, options: [...INGREDIENTS.flatMap((one) => optionOf(one.id)), ...own] };
  const found = identify({ name: typed });
  const near = nearNames(typed);
  if (!found.ok) return { heading: null, options: own };
  const { value } = found;
  if (value.id !== null) {
    const others = near.filter((id) => id !== value.id);
    return { heading: null, options: [...optionOf(value.id), ...others.flatMap((id) => optionOf(id)), ...own] };
  }
  if ('refuse' in value)
    return {
      heading: wording.notUsedHere(REFUSAL_KINDS[value.refuse], value.refuse === 'perfume' ? wording.forToolsItMay : ''),
      options: own,
    };
  if (!('ask' in value)) return { heading: null, options: [...near.flatMap((id) => optionOf(id)), ...own] };
  const [only, ...more] = value.ask;
  const asks =
    value.ask.length === 0
      ? wording.thisNameSaysNothing
      : more.length === 0
        ? wording.isItSoldAs((findIngredient(only ?? '', catalogue())?.name ?? '').toLowerCase())
        : wording.differentLiquidsAreSold;
  const bought: Option = {
    kind: 'unknown',
    name: wording.aBoughtFinish,
    says: value.bought ? wording.mostLikelyEnterIt : wording.aMixOrThe,
  };
  const choices = value.ask.flatMap((id) => optionOf(id, more.length === 0 ? wording.yesThatAndNothing : undefined));
  return { heading: asks, options: value.bought ? [bought, ...choices, ...own] : [...choices, bought, ...own] };
}

/** What a name typed whole is, without a list: the one thing it can mean. */
function meant(text: string, ready: readonly ReadyChoice[], forLine: boolean): Option | null {
  const plain = text.trim().toLowerCase();
  const [own, ...more] = ready.filter((one) => one.name.toLowerCase() === plain);
  if (own && more.length === 0) return { kind: 'ready', id: own.id, name: own.name, says: '' };
  const mine = catalogue().own.filter((one) => one.name.toLowerCase() === plain && (forLine || boughtOfLine(one.id) === null));
  if (mine.length === 1 && mine[0]) return optionOf(mine[0].id)[0] ?? null;
  const found = plain === '' ? null : identify({ name: text });
  return found?.ok && found.value.id !== null ? (optionOf(found.value.id)[0] ?? null) : null;
}

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onPick: (id: string) => void;
  readonly ready?: readonly ReadyChoice[];
  readonly onPickReady?: (id: number) => void;
  readonly plain?: boolean;
};

/** What can be picked, as it is typed. */
function PickerList({
  box,
  heading,
  options,
}: {
  readonly box: UseComboboxReturnValue<Option>;
  readonly heading: Heading;
  readonly options: readonly Option[];
}) {
  return (
    <ul
      {...box.getMenuProps()}
      className={`absolute left-0 z-30 max-h-80 w-full min-w-72 overflow-y-auto border-2 border-ink bg-paper shadow-xl ${box.isOpen ? '' : 'hidden'}`}
    >
      {box.isOpen && heading ? (
        <li className="border-hair border-b bg-bench px-3 py-2 font-semibold" role="presentation">
          {heading}
        </li>
      ) : null}
      {box.isOpen && !heading && options.length === 0 ? (
        <li className="px-3 py-2 text-soft" role="presentation">
          {wording.nothingByThatName}
        </li>
      ) : null}
      {box.isOpen
        ? options.map((option, index) => (
            <li
              key={`${option.kind}-${'id' in option ? option.id : option.says}`}
              className={`flex min-h-11 items-center gap-3 px-3 py-1 ${box.highlightedIndex === index ? 'bg-hair' : ''}`}
              {...box.getItemProps({ item: option, index })}
            >
              <FamilySwatch family={option.kind === 'ingredient' ? option.family : ''} />
              <span>
                <span className="block font-semibold leading-5">{option.name}</span>
                <span className="block text-sm text-soft leading-4">{option.says}</span>
              </span>
            </li>
          ))
        : null}
    </ul>
  );
}

/** A field that finds an ingredient by any of its names. */
export function IngredientPicker({ label, value, onPick, ready = [], onPickReady, plain = false }: Props) {
  const shown = findIngredient(value, catalogue())?.name ?? '';
  const [text, setText] = useState(shown);
  const [unknown, setUnknown] = useState(false);
  const [missed, setMissed] = useState(false);
  const { heading, options } = optionsFor(text === shown ? '' : text, ready, plain);
  const box = useCombobox<Option>({
    items: [...options],
    inputValue: text,
    itemToString: (option) => option?.name ?? '',
    selectedItem: null,
    onSelectedItemChange: ({ selectedItem }) => (selectedItem ? take(selectedItem) : undefined),
  });
  const take = (option: Option): void => {
    setMissed(false);
    setUnknown(option.kind === 'unknown');
    setText(option.kind === 'unknown' ? text : option.name);
    if (option.kind === 'ingredient') onPick(option.id);
    if (option.kind === 'ready') onPickReady?.(option.id);
  };
  /** Left without a choice from the list: a name typed whole is taken, what is not understood stays and is said. */
  const leave = (): void => {
    const one = meant(text, ready, plain);
    if (text.trim() === '') setText(shown);
    else if (one && text !== shown) take(one);
    else if (text !== shown && !unknown) setMissed(true);
  };
  const { htmlFor, ...named } = box.getLabelProps();
  return (
    <div className="relative">
      <label className={plain ? 'sr-only' : 'label'} {...named} htmlFor={htmlFor}>
        {label}
      </label>
      <input
        className="min-h-11 w-full border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
        placeholder={wording.typeAnyOfIts}
        {...box.getInputProps({
          onFocus: (event) => event.currentTarget.select(),
          onBlur: leave,
          // At once, so that a scanner or a dictation that is faster than the list loses no letter.
          onChange: (event) => {
            setText(event.currentTarget.value);
            setUnknown(false);
            setMissed(false);
          },
        })}
      />
      {missed ? (
        <p className="text-sm font-semibold text-late" role="status">
          {wording.notChosenYetTake}
        </p>
      ) : null}
      {unknown ? (
        <p className="text-sm font-semibold text-late" role="status">
          {wording.notAnIngredientThe}
        </p>
      ) : null}
      <PickerList box={box} heading={heading} options={options} />
    </div>
  );
}
