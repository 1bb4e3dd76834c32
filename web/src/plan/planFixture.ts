import { kitchen } from "@/test/kitchens";
import { ok, server } from "@/test/server";
import type { Dish, PlanBody } from "./body";
import type { Day, DishResponse, Plan } from "./usePlan";

export const dish = (part: object = {}): Dish =>
  ({
    key: "a",
    recipeId: 8,
    mode: "jars",
    jars: [
      { size: "quart", mouth: "regular", count: 7 },
      { size: "pint", mouth: "regular", count: 0 },
    ],
    hands: [],
    oneLoad: false,
    ownJars: [],
    variants: [],
    filled: [],
    ...part,
  }) as Dish;

export const answer = (part: object = {}): DishResponse =>
  ({
    key: "a",
    title: "Bean soup",
    jars: [{ size: "quart", mouth: "regular", count: 3 }],
    ruling: { headspaceIn: 1, lines: [{ rest: "dried beans" }, { rest: "carrots" }] },
    amounts: {
      lines: [
        { line: 0, written: "3 lb", mass: "2 lb", kitchen: "2 lb" },
        { line: 1, kitchen: "6 cups, about 2 lb" },
      ],
      perJar: [{ size: "quart", mouth: "regular", brothMl: 480 }],
      brothNeededMl: 1440,
    },
    summary: { jars: "3 quarts", left: "about 1 cup more", band: "give or take 1 quart", liquid: null },
    shareOut: [],
    doses: [],
    variants: [],
    notes: [],
    work: [],
    loads: [],
    remarks: [],
    kettle: { text: "Enough for 3 more quarts", left: "2 qt", boiling: "2 qt", boilingMl: 1893 },
    ...part,
  }) as unknown as DishResponse;

export const plan = (part: object = {}): Plan =>
  ({
    id: 5,
    revision: 1,
    title: "Bean soup",
    cannerName: "Big canner",
    atStove: false,
    fullLoads: [
      { size: "quart", count: 7 },
      { size: "pint", count: 16 },
    ],
    body: { title: "", dishes: [dish()], ticked: [], canners: [1] },
    dishes: [answer()],
    shopping: [],
    supplies: [],
    jars: [{ size: "quart", mouth: "regular", count: 3 }],
    later: [],
    loads: { loads: [], canners: [], compared: [], proven: true, words: "" },
    ...part,
  }) as unknown as Plan;

/** A server that keeps the plan as it is told, and works nothing out. */
export function keeps(first: Plan) {
  let now = first;
  server.on("GET /api/kitchen", ok(kitchen()));
  server.on("GET /api/plans/5", () => ok(now));
  server.on("PUT /api/plans/5", ({ body }) => {
    now = { ...now, revision: now.revision + 1, body: (body as { body: PlanBody }).body } as Plan;
    return ok(now);
  });
  return () => now.body;
}

export const day = (part: object = {}): Day =>
  ({
    aim: "start",
    at: "2026-11-28T09:00:00Z",
    start: "2026-11-28T09:00:00Z",
    end: "2026-11-28T15:30:00Z",
    wished: true,
    fits: true,
    lead: "In the kitchen for 6 h.",
    facts: [],
    misfits: [],
    remedies: [],
    tasks: [],
    watches: [],
    canSoakQuickly: true,
    quickSoak: false,
    ...part,
  }) as unknown as Day;

export const SHOPPING = [
  {
    code: "produce",
    title: "Vegetables",
    items: [
      {
        key: "carrot",
        name: "carrots",
        need: "2 lb",
        buy: "2 lb",
        sold: "12",
        inHouse: false,
        parts: [
          { dish: "Bean soup", amount: "1 lb" },
          { dish: "Stew", amount: "1 lb" },
        ],
      },
      { key: "onion", name: "onions", need: "3", buy: "1", have: "2", sold: "1", inHouse: false, parts: [] },
      { key: "salt", name: "salt", need: "2 tsp", have: "plenty", inHouse: true, parts: [] },
    ],
  },
];
