import {
  BookOpenText,
  CalendarCheck2,
  Flame,
  Gauge,
  GraduationCap,
  NotebookPen,
  Sun,
  Warehouse,
} from "lucide-react";

/** The places of the kitchen, in the order of the rail; after g the letter goes there. */
export const PLACES = [
  { to: "/today", text: "Today", icon: Sun, letter: "t" },
  { to: "/recipes", text: "Recipes", icon: BookOpenText, letter: "r" },
  { to: "/plan", text: "Plan", icon: CalendarCheck2, letter: "p" },
  { to: "/stove", text: "Stove", icon: Flame, letter: "s" },
  { to: "/shelf", text: "Shelf", icon: Warehouse, letter: "h" },
  { to: "/logbook", text: "Logbook", icon: NotebookPen, letter: "l" },
  { to: "/practice", text: "Practice", icon: GraduationCap, letter: "a" },
  { to: "/kitchen", text: "Kitchen", icon: Gauge, letter: "k" },
] as const;
