import type { ReactNode } from "react";
import { Button } from "./Button";

interface PanelProps {
  /** Such as 'Listen with this device'. */
  readonly title: string;
  readonly icon: ReactNode;
  readonly problem: string | undefined;
  readonly children: ReactNode;
}

/** Where a microphone or a camera of this device is switched on. */
export function DevicePanel({ title, icon, problem, children }: PanelProps) {
  return (
    <section aria-label={title} className="flex flex-col gap-3 rounded-field bg-steam p-4">
      <h3 className="flex items-center gap-2 text-lg font-bold">
        {icon}
        {title}
      </h3>
      {problem && (
        <p role="alert" className="border-l-4 border-brick pl-3 font-semibold">
          {problem}
        </p>
      )}
      {children}
    </section>
  );
}

export interface DeviceText {
  readonly text: string;
  readonly detail?: string | undefined;
  readonly warns?: boolean;
}

interface StripProps {
  /** Such as 'This device listens'. */
  readonly label: string;
  readonly icon: ReactNode;
  readonly words: DeviceText;
  /** What the button at its end is called. */
  readonly stop: string;
  readonly onStop: () => void;
  /** What stands before the words. */
  readonly before?: ReactNode;
  /** What may be done about them. */
  readonly children?: ReactNode;
}

/** The sign that a microphone or a camera is on, and what comes of it. */
export function DeviceStrip({ label, icon, words, stop, onStop, before, children }: StripProps) {
  return (
    <section
      aria-label={label}
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 rounded-field px-3 py-1 ${words.warns ? "hatched bg-mustard-wash" : "bg-steam"}`}
    >
      <span className="shrink-0 text-primary">{icon}</span>
      {before}
      <p className="min-w-0 flex-1 basis-40" role="status">
        <strong>{words.text}</strong>
        {words.detail && <span className="text-soft"> {words.detail}</span>}
      </p>
      {children}
      <Button look="quiet" size="small" aria-label={stop} onClick={onStop}>
        Stop
      </Button>
    </section>
  );
}
