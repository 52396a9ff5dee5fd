'use client';

import { useCombobox } from 'downshift';
import { useState } from 'react';
import { answersTo, findIngredient, INGREDIENTS, severalMeanings } from '@/core/material';
import { FAMILY_WORDS } from '@/messages';
import { FamilySwatch } from '@/ui/family';

export type ReadyChoice = { readonly id: number; readonly name: string };
type Option =
  | { readonly kind: 'ingredient'; readonly id: string; readonly name: string; readonly says: string; readonly family: string }
  | { readonly kind: 'ready'; readonly id: number; readonly name: string; readonly says: string }
  | { readonly kind: 'unknown'; readonly name: string; readonly says: string };

/** What a typed name may mean: ingredients by any of their names, or what is really in a tin whose name means several liquids. */
function optionsFor(
  text: string,
  ready: readonly ReadyChoice[],
): { readonly asks: boolean; readonly options: readonly Option[] } {
  const several = severalMeanings(text);
  const own = ready
    .filter((one) => one.name.toLowerCase().includes(text.trim().toLowerCase()))
    .map((one): Option => ({ kind: 'ready', id: one.id, name: one.name, says: 'bought finish, used as it comes' }));
  if (several)
    return {
      asks: true,
      options: [
        ...several.map(({ inside, ingredient }): Option => {
          const found = findIngredient(ingredient ?? '');
          return found
            ? { kind: 'ingredient', id: found.id, name: found.name, says: inside, family: found.family }
            : { kind: 'unknown', name: 'A bought finish', says: inside };
        }),
        ...own,
      ],
    };
  const options = INGREDIENTS.filter((one) => text.trim() === '' || answersTo(one, text)).map(
    (one): Option => ({
      kind: 'ingredient',
      id: one.id,
      name: one.name,
      says: one.alsoCalled.length > 0 ? `also ${one.alsoCalled.join(', ')}` : FAMILY_WORDS[one.family],
      family: one.family,
    }),
  );
  return { asks: false, options: [...options, ...own] };
}

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onPick: (id: string) => void;
  readonly ready?: readonly ReadyChoice[];
  readonly onPickReady?: (id: number) => void;
  readonly plain?: boolean;
};

/** A field that finds an ingredient by any of its names. */
export function IngredientPicker({ label, value, onPick, ready = [], onPickReady, plain = false }: Props) {
  const shown = findIngredient(value)?.name ?? '';
  const [text, setText] = useState(shown);
  const [unknown, setUnknown] = useState(false);
  const { asks, options } = optionsFor(text === shown ? '' : text, ready);
  const box = useCombobox<Option>({
    items: [...options],
    inputValue: text,
    itemToString: (option) => option?.name ?? '',
    selectedItem: null,
    onInputValueChange: ({ inputValue, type }) => {
      if (type === useCombobox.stateChangeTypes.InputChange) {
        setText(inputValue);
        setUnknown(false);
      }
    },
    onSelectedItemChange: ({ selectedItem }) => {
      if (!selectedItem) return;
      setUnknown(selectedItem.kind === 'unknown');
      setText(selectedItem.kind === 'unknown' ? text : selectedItem.name);
      if (selectedItem.kind === 'ingredient') onPick(selectedItem.id);
      if (selectedItem.kind === 'ready') onPickReady?.(selectedItem.id);
    },
  });
  const { htmlFor, ...named } = box.getLabelProps();
  return (
    <div className="relative">
      <label className={plain ? 'sr-only' : 'label'} {...named} htmlFor={htmlFor}>
        {label}
      </label>
      <input
        className="min-h-11 w-full border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
        placeholder="Type any of its names"
        {...box.getInputProps({
          onFocus: (event) => event.currentTarget.select(),
          onBlur: () => (text.trim() === '' || options.length === 0 ? setText(shown) : undefined),
        })}
      />
      {unknown ? (
        <p className="text-sm font-semibold text-late" role="status">
          ▲ Not an ingredient the house can reckon with. Enter it in the stores as a bought finish, with what its label declares.
        </p>
      ) : null}
      <ul
        {...box.getMenuProps()}
        className={`absolute left-0 z-30 max-h-80 w-full min-w-72 overflow-y-auto border-2 border-ink bg-paper shadow-xl ${box.isOpen ? '' : 'hidden'}`}
      >
        {box.isOpen && asks ? (
          <li className="border-hair border-b bg-bench px-3 py-2 font-semibold" role="presentation">
            This name stands on different liquids. What is really in the tin?
          </li>
        ) : null}
        {box.isOpen && options.length === 0 ? (
          <li className="px-3 py-2 text-soft" role="presentation">
            Nothing by that name. Try another, such as “white oil”.
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
    </div>
  );
}
