import { lazy } from "react";
import { session } from "@/api/storage";

const loads: (() => Promise<unknown>)[] = [];

const RELOADED = "mobrel.reloaded-for-scripts";
const RELOAD_AT_MOST_EVERY_MS = 60_000;
const AGAIN_AFTER_MS = 2_000;

/** A page's script comes when it is first opened. */
function coming<T>(load: () => Promise<T>): () => Promise<T> {
  loads.push(load);
  return () => patiently(load);
}

/**
 * While the server is away a script is waited for, beside the line that says so. Where the server is there and has no such script, it is a
 * newer one than this page: then the page is loaded anew, and what was typed is kept.
 */
async function patiently<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch (missing) {
      const there = await fetch("/index.html", { cache: "no-store" }).then(
        (answer) => answer.ok,
        () => false,
      );
      const last = Number(session.getItem(RELOADED) ?? 0);
      if (there && Date.now() - last < RELOAD_AT_MOST_EVERY_MS) {
        throw missing;
      }
      if (there) {
        session.setItem(RELOADED, String(Date.now()));
        location.reload();
      }
      await new Promise((later) => setTimeout(later, AGAIN_AFTER_MS));
    }
  }
}

/**
 * The scripts of all pages, so that none has to be asked for when a server is gone or another version has come: the Stove opens also then.
 * What cannot be had now is asked for again when it is opened.
 */
export async function loadEveryPage(): Promise<void> {
  for (const load of loads) {
    await load().catch(() => undefined);
  }
}

/** Search and the list of keys come when they are asked for: most cooks never do. */
export const Palette = lazy(coming(() => import("./Palette")));
export const KeysList = lazy(coming(() => import("./KeysList")));

export const KitchenPage = lazy(
  coming(() => import("@/kitchen/KitchenPage").then((module) => ({ default: module.KitchenPage }))),
);
export const BatchPage = lazy(
  coming(() => import("@/logbook/BatchPage").then((module) => ({ default: module.BatchPage }))),
);
export const LogbookPage = lazy(
  coming(() => import("@/logbook/LogbookPage").then((module) => ({ default: module.LogbookPage }))),
);
export const OutsidePage = lazy(
  coming(() => import("@/logbook/OutsidePage").then((module) => ({ default: module.OutsidePage }))),
);
export const PlanPage = lazy(
  coming(() => import("@/plan/PlanPage").then((module) => ({ default: module.PlanPage }))),
);
export const PlansPage = lazy(
  coming(() => import("@/plan/PlansPage").then((module) => ({ default: module.PlansPage }))),
);
export const DrillPage = lazy(
  coming(() => import("@/practice/DrillPage").then((module) => ({ default: module.DrillPage }))),
);
export const PracticePage = lazy(
  coming(() => import("@/practice/PracticePage").then((module) => ({ default: module.PracticePage }))),
);
export const PrintsPage = lazy(
  coming(() => import("@/prints/PrintsPage").then((module) => ({ default: module.PrintsPage }))),
);
export const ImportPage = lazy(
  coming(() => import("@/recipes/ImportPage").then((module) => ({ default: module.ImportPage }))),
);
export const RecipePage = lazy(
  coming(() => import("@/recipes/RecipePage").then((module) => ({ default: module.RecipePage }))),
);
export const RecipesPage = lazy(
  coming(() => import("@/recipes/RecipesPage").then((module) => ({ default: module.RecipesPage }))),
);
export const SealsPage = lazy(
  coming(() => import("@/seals/SealsPage").then((module) => ({ default: module.SealsPage }))),
);
export const LotPage = lazy(
  coming(() => import("@/shelf/LotPage").then((module) => ({ default: module.LotPage }))),
);
export const ShelfPage = lazy(
  coming(() => import("@/shelf/ShelfPage").then((module) => ({ default: module.ShelfPage }))),
);
export const StovePage = lazy(
  coming(() => import("@/stove/StovePage").then((module) => ({ default: module.StovePage }))),
);
export const TablesPage = lazy(
  coming(() => import("@/tables/TablesPage").then((module) => ({ default: module.TablesPage }))),
);
export const TodayPage = lazy(
  coming(() => import("@/today/TodayPage").then((module) => ({ default: module.TodayPage }))),
);
export const TracePage = lazy(
  coming(() => import("@/trace/TracePage").then((module) => ({ default: module.TracePage }))),
);
