import { Link, Outlet } from "@tanstack/react-router";
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
import { AccessGate } from "@/access";
import { useSendKeptEdits } from "@/plan";
import { Alarms } from "@/stove";
import { AwayStrip } from "./AwayStrip";
import { Troubles } from "./Troubles";
import { UpdateStrip } from "./UpdateStrip";
import { useTakeAlong } from "./useTakeAlong";

const PLACES = [
  { to: "/today", text: "Today", icon: Sun },
  { to: "/recipes", text: "Recipes", icon: BookOpenText },
  { to: "/plan", text: "Plan", icon: CalendarCheck2 },
  { to: "/stove", text: "Stove", icon: Flame },
  { to: "/shelf", text: "Shelf", icon: Warehouse },
  { to: "/logbook", text: "Logbook", icon: NotebookPen },
  { to: "/practice", text: "Practice", icon: GraduationCap },
  { to: "/kitchen", text: "Kitchen", icon: Gauge },
] as const;

/** The rail with the places of the kitchen; a bar at the bottom where the screen is narrow. */
export function Shell() {
  return (
    <AccessGate>
      <Places />
    </AccessGate>
  );
}

function Places() {
  useSendKeptEdits();
  useTakeAlong();
  return (
    <div className="min-h-dvh md:pl-[5.5rem]">
      <nav
        aria-label="Places"
        className="fixed inset-x-0 bottom-0 z-10 bg-rail pb-[env(safe-area-inset-bottom)] md:inset-y-0 md:right-auto md:w-[5.5rem] md:pb-0"
      >
        <Link to="/today" aria-label="Mobrel, to Today" className="mx-auto hidden w-fit py-4 md:block">
          <img src="/mark.svg" alt="" width={46} height={46} />
        </Link>
        <ul className="flex justify-around md:flex-col md:gap-0.5 md:px-1.5 md:last:*:mt-auto">
          {PLACES.map(({ to, text, icon: Icon }) => (
            <li key={to} className="min-w-0 flex-1 md:flex-none">
              <Link
                to={to}
                className="flex min-h-16 flex-col items-center justify-center gap-1 rounded-field text-[0.72rem] font-semibold text-white/85 md:min-h-[3.9rem] md:text-[0.8rem]"
                activeProps={{ className: "bg-white text-[#1e4c78] [&]:text-[#1e4c78]" }}
              >
                <Icon size={22} aria-hidden="true" />
                {text}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <main className="pb-20 md:pb-0">
        <Alarms />
        <AwayStrip />
        <Troubles />
        <UpdateStrip />
        <Outlet />
      </main>
    </div>
  );
}
