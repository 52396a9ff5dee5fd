import { likeWood } from '@/core/material';
import { catalogue } from '@/web/here-catalogue';

/** How a wood looks once it is oiled: its ground, its grain, and how that runs. */
type WoodLook = { readonly ground: string; readonly grain: string; readonly figure?: 'wild' | 'striped' };

/** Looks of the woods that are known, by their id; a test holds the list to the table of woods. */
export const WOOD_LOOKS: Readonly<Record<string, WoodLook>> = {
  sycamore: { ground: '#ecdcbd', grain: '#c9ac7e' },
  beech: { ground: '#dfb98f', grain: '#b98457' },
  'hard-maple': { ground: '#ead3ab', grain: '#c9a473' },
  'soft-maple': { ground: '#e2c79f', grain: '#bf976a' },
  birch: { ground: '#e8d0a4', grain: '#c7a36d' },
  cherry: { ground: '#bf7a4c', grain: '#8f4f2c' },
  walnut: { ground: '#785139', grain: '#4b2e1f' },
  pear: { ground: '#cc9674', grain: '#a76f50' },
  plum: { ground: '#a5644b', grain: '#6f3a3a', figure: 'striped' },
  hornbeam: { ground: '#e6dcc2', grain: '#bcab88' },
  olive: { ground: '#c39a5b', grain: '#6d4a26', figure: 'wild' },
  alder: { ground: '#cf9a6c', grain: '#a56b42' },
  'white-oak': { ground: '#c9a26d', grain: '#8f6a3b' },
  'red-oak': { ground: '#cb9a75', grain: '#965f3f' },
  ash: { ground: '#dcc196', grain: '#a3804f' },
  hickory: { ground: '#d3ac7b', grain: '#96683c' },
  elm: { ground: '#b58a5a', grain: '#7c5630', figure: 'wild' },
  poplar: { ground: '#d9d0a3', grain: '#a5a06c' },
  pine: { ground: '#ecc98c', grain: '#c48a45', figure: 'striped' },
  acacia: { ground: '#a9713d', grain: '#6b4120', figure: 'striped' },
  mahogany: { ground: '#9c5232', grain: '#6b2f1b' },
  teak: { ground: '#a9793f', grain: '#6f4a22' },
  bamboo: { ground: '#e2c88c', grain: '#bd9b59', figure: 'striped' },
  'maple-burl': { ground: '#d6ad79', grain: '#8f6236', figure: 'wild' },
  yew: { ground: '#c37740', grain: '#864320', figure: 'wild' },
  laburnum: { ground: '#8a6a33', grain: '#533c18' },
  spalted: { ground: '#dcc8a0', grain: '#3d342a', figure: 'wild' },
  lime: { ground: '#ead9b3', grain: '#cbb586' },
  apple: { ground: '#c68c63', grain: '#935b3a' },
  rubberwood: { ground: '#e3c795', grain: '#bb9660' },
  chestnut: { ground: '#c29a66', grain: '#876436' },
  willow: { ground: '#e4d1ac', grain: '#b89c72' },
  mango: { ground: '#b98d54', grain: '#72512b', figure: 'wild' },
  sapele: { ground: '#8f4a2e', grain: '#5f2b1a', figure: 'striped' },
  iroko: { ground: '#a97a3c', grain: '#70491e' },
  oleander: { ground: '#e3d7ae', grain: '#b5a673' },
  manchineel: { ground: '#c9a673', grain: '#8f6d3f' },
  'black-locust': { ground: '#b09a4a', grain: '#75632a' },
  'cedar-western': { ground: '#b27650', grain: '#7c4730', figure: 'striped' },
  rosewood: { ground: '#5f3024', grain: '#331812', figure: 'striped' },
  rhododendron: { ground: '#d2ad85', grain: '#a07a52' },
  spindle: { ground: '#eee0bd', grain: '#cdb98b' },
  elder: { ground: '#ead8ae', grain: '#c3aa75' },
};

const UNKNOWN: WoodLook = { ground: '#d3bb93', grain: '#a58a5e' };

export const woodLook = (speciesId: string): WoodLook => WOOD_LOOKS[likeWood(speciesId, catalogue())] ?? UNKNOWN;
