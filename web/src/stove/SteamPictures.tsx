/** What counts as steam to vent by: a wisp is not a plume. */
export function SteamPictures({
  steady,
  seen,
}: {
  readonly steady: boolean;
  /** What a simulated canner shows now. */
  readonly seen?: string | null | undefined;
}) {
  return (
    <div className="flex items-end justify-center gap-14">
      <figure className="text-center">
        <svg
          viewBox="0 0 110 150"
          className={`mx-auto h-40 lg:h-56 ${steady ? "opacity-60" : ""}`}
          aria-hidden="true"
        >
          <Pot className="stroke-bar" />
          {[0, 1, 2, 3].map((step) => (
            <circle key={step} cx={55 + (step % 2) * 3} cy={74 - step * 9} r="1.8" className="fill-bar" />
          ))}
        </svg>
        <figcaption className={seen === "wisp" ? "font-bold underline decoration-4" : "text-soft"}>
          a wisp: not yet
        </figcaption>
      </figure>
      <figure className="text-center">
        <svg viewBox="0 0 110 150" className="mx-auto h-40 lg:h-56" aria-hidden="true">
          <Pot className="stroke-glass" />
          <path
            d="M52.500 78 L44 16 Q55 4 66 16 L57.500 78 Z"
            className="fill-primary/20 stroke-primary"
            strokeWidth="2.500"
          />
          <path d="M55 76 V20 M51 70 L47 26 M59 70 L63 26" className="stroke-primary" strokeWidth="2" />
        </svg>
        <figcaption className={`font-bold ${seen === "steady" ? "underline decoration-4" : ""}`}>
          a plume: steady, straight, loud
        </figcaption>
      </figure>
    </div>
  );
}

function Pot({ className }: { readonly className: string }) {
  return (
    <g fill="none" strokeWidth="3.500" className={className}>
      <rect x="14" y="94" width="82" height="50" rx="9" />
      <path d="M50 94 V80 H60 V94" />
      <path d="M6 112 H14 M96 112 H104" strokeLinecap="round" />
    </g>
  );
}
