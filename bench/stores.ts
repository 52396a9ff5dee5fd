import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { SHIPPED } from '@/core/material';
import { cheapest } from '../src/core/blend/index';
import { INGREDIENTS } from '../src/core/material/index';
import { migrateOpen } from '../src/data/db';
import * as schema from '../src/data/schema/index';
import { traceOf } from '../src/data/trace/queries';
import { loadSolver } from '../src/solvers/highs';

/** Ten years of a busy shop: so many lots, pots, batches of so many pieces. */
const SHOP = { lots: 2000, pots: 8000, batches: 4000, pieces: 10 } as const;
const CALLS = 200;

const middleOf = (times: readonly number[]): string => {
  const sorted = [...times].sort((a, b) => a - b);
  return `${(sorted[Math.floor(sorted.length / 2)] ?? 0).toFixed(2)} ms in the middle, ${(sorted.at(-1) ?? 0).toFixed(1)} ms at worst`;
};

const timed = (run: () => unknown): number => {
  const from = performance.now();
  run();
  return performance.now() - from;
};

function busyShop() {
  const raw = new Database(':memory:');
  const db = drizzle(raw, { schema });
  migrateOpen(raw);
  raw.exec(`insert into person (initials, name) values ('MO', 'Maren'); insert into formula (name, created_at) values ('Paste', 0);
    insert into formula_revision (formula_id, number, basis, person_id, at) values (1, 1, 'mass', 1, 0);
    insert into design (name, created_at) values ('Board', 0); insert into design_revision (design_id, number, geometry, cut_on, at) values (1, 1, '{}', 1, 0);
    insert into regimen (id, name) values ('soak-wax', 'Soak');
    insert into regimen_revision (regimen_id, number, school, gains, costs, care_class, knife_surface, slots, at) values ('soak-wax', 1, '', '', '', 'oil-wax', 1, '[]', 0)`);
  const lot = raw.prepare(
    'insert into lot (number, kind, ingredient_id, formula_revision_id, received_g, person_id, at) values (?, ?, ?, ?, 1000, 1, 0)',
  );
  const edge = raw.prepare('insert into lot_edge (from_lot, into_lot, grams) values (?, ?, 100)');
  const batch = raw.prepare(
    "insert into batch (number, design_revision_id, species_id, origin, regimen_revision_id, start_at, person_id, at) values (?, 1, 'sycamore', 'bought', 1, 0, 1, 0)",
  );
  const material = raw.prepare("insert into batch_material (batch_id, slot, lot_id) values (?, 'wax', ?)");
  const piece = raw.prepare('insert into piece (batch_id, ordinal, code) values (?, ?, ?)');
  raw.transaction(() => {
    for (let i = 1; i <= SHOP.lots; i++) lot.run(`S-${i}`, 'bought', INGREDIENTS[i % INGREDIENTS.length]?.id ?? 'beeswax', null);
    // A bought lot goes into the pots of its months: two lots into each, and now and then a pot into a pot.
    for (let i = 1; i <= SHOP.pots; i++) {
      const id = SHOP.lots + i;
      lot.run(`B-${i}`, 'made', null, 1);
      const near = Math.floor((i / SHOP.pots) * (SHOP.lots - 2)) + 1;
      edge.run(near, id);
      edge.run(near + 1, id);
      if (i % 5 === 0) edge.run(id - 1, id);
    }
    for (let i = 1; i <= SHOP.batches; i++) {
      batch.run(`X-${i}`);
      material.run(i, SHOP.lots + i * 2);
      for (let p = 1; p <= SHOP.pieces; p++) piece.run(i, p, `C${i}-${p}`);
    }
  })();
  return db;
}

const db = busyShop();
const traces = Array.from({ length: CALLS }, (_, i) => timed(() => traceOf(db, ((i * 37) % (SHOP.lots + SHOP.pots)) + 1)));
console.log(`trace over ${SHOP.lots} lots, ${SHOP.pots} pots, ${SHOP.batches * SHOP.pieces} pieces: ${middleOf(traces)}`);

const loading = performance.now();
const solver = await loadSolver();
const loaded = performance.now() - loading;
const ids = [
  'mineral-oil',
  'mct-oil',
  'tung-oil',
  'walnut-oil-heat-treated',
  'linseed-heat-bodied',
  'flaxseed-oil',
  'beeswax',
  'candelilla-wax',
  'carnauba-wax',
  'microcrystalline-wax',
  'citrus-solvent',
  'vitamin-e',
];
const problem = {
  ingredients: ids,
  prices: Object.fromEntries(ids.map((id, i) => [id, 800 + ((i * 977) % 4000)])),
  limits: {
    waxEquivalent: [0.2, 0.4],
    contact: 'once-cured',
    avoidAllergens: ['tree nut'],
    drying: 'drying',
    volatile: [0, 0.2],
    ranges: { 'vitamin-e': [0, 0.01], beeswax: [0.05, 0.3], 'carnauba-wax': [0.01, 0.1] },
    noHeatConflict: true,
    totalG: 2000,
    stock: Object.fromEntries(ids.map((id) => [id, 1500])),
  },
};
const found = cheapest(problem, solver, SHIPPED);
const times = Array.from({ length: CALLS }, () => timed(() => cheapest(problem, solver, SHIPPED)));
console.log(
  `solver: ${loaded.toFixed(0)} ms to load; 12 ingredients, 10 limits (${found.ok && found.value.feasible ? 'a blend found' : 'none'}): ${middleOf(times)}`,
);
const clash = Array.from({ length: 20 }, () =>
  timed(() => cheapest({ ...problem, limits: { ...problem.limits, waxEquivalent: [0.9, 1] } }, solver, SHIPPED)),
);
console.log(`solver, limits that clash named: ${middleOf(clash)}`);
