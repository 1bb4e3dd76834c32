interface Props {
  readonly shows: string;
  /** The setting to use: 5, 10 or 15. */
  readonly pounds: number;
  readonly className?: string;
}

const SETTINGS = [5, 10, 15] as const;

/** The weight as it is set: the hole to hang it on, or the rings to lay on it. */
export function WeightPicture({ shows, pounds, className = "" }: Props) {
  const label =
    shows === "holes"
      ? `The weight hung on its hole marked ${pounds}`
      : shows === "number"
        ? `The weight marked ${pounds}`
        : `The weight with ${rings(pounds)} of 2 rings on: ${pounds} lb`;
  return (
    <figure className={`flex flex-col items-center ${className}`}>
      <svg viewBox="16 0 88 92" className="h-18 w-18 sm:h-24 sm:w-24" role="img" aria-label={label}>
        <Look shows={shows} pounds={pounds} />
      </svg>
      <figcaption className="max-w-18 text-center leading-tight sm:max-w-none text-[0.85rem] text-soft">
        {shows === "holes"
          ? `use the hole marked ${pounds}`
          : shows === "number"
            ? `use the one marked ${pounds}`
            : ringWords(pounds)}
      </figcaption>
    </figure>
  );
}

/** What a weight looks like, for whoever has it in hand and does not know its kind. */
export function WeightLook({ shows }: { readonly shows: string }) {
  return (
    <svg viewBox="16 0 88 92" className="h-16 w-16" aria-hidden="true">
      <Look shows={shows} pounds={10} />
    </svg>
  );
}

function Look({ shows, pounds }: { readonly shows: string; readonly pounds: number }) {
  switch (shows) {
    case "holes":
      return <Holes pounds={pounds} />;
    case "rings":
      return <Rings pounds={pounds} />;
    case "number":
      return <OnePiece mark={String(pounds)} />;
    case "plain":
      return <OnePiece mark="" />;
    default:
      return <OnePiece mark="?" />;
  }
}

/** A body on its stem from the side, with what stands on it. */
function OnePiece({ mark }: { readonly mark: string }) {
  return (
    <>
      <rect x="55" y="70" width="10" height="16" className="fill-bar" />
      <path d="M34 70 V40 Q34 24 60 24 Q86 24 86 40 V70 Z" className="fill-primary" />
      <circle cx="60" cy="18" r="7" className="fill-primary" />
      <text
        x="60"
        y="52"
        dy="0.36em"
        textAnchor="middle"
        fontSize="24"
        className="fill-primary-content font-bold"
      >
        {mark}
      </text>
    </>
  );
}

function rings(pounds: number): number {
  return Math.round(pounds / 5) - 1;
}

function ringWords(pounds: number): string {
  const on = rings(pounds);
  return on === 0 ? "the body alone" : on === 1 ? "body and one ring" : `body and ${on} rings`;
}

/** A round body seen from above, a hole for each setting; the one to use is filled and marked. */
function Holes({ pounds }: { readonly pounds: number }) {
  return (
    <>
      <circle cx="60" cy="46" r="40" className="fill-steam stroke-glass" strokeWidth="3" />
      {SETTINGS.map((setting, index) => {
        const angle = -Math.PI / 2 + (index * 2 * Math.PI) / SETTINGS.length;
        const [x, y] = [60 + Math.cos(angle) * 24, 46 + Math.sin(angle) * 24];
        const use = setting === pounds;
        return (
          <g key={setting}>
            <circle
              cx={x}
              cy={y}
              r={use ? 12.5 : 9.5}
              className={use ? "fill-primary" : "fill-paper stroke-bar"}
              strokeWidth="2"
            />
            <text
              x={x}
              y={y}
              dy="0.36em"
              textAnchor="middle"
              fontSize={use ? 13 : 10.5}
              className={`font-bold ${use ? "fill-primary-content" : "fill-soft"}`}
            >
              {setting}
            </text>
          </g>
        );
      })}
    </>
  );
}

/** A body on its stem from the side, with rings laid on; those not needed lie beside it. */
function Rings({ pounds }: { readonly pounds: number }) {
  const on = rings(pounds);
  return (
    <>
      <rect x="52" y="76" width="10" height="14" className="fill-bar" />
      <rect x="30" y="54" width="54" height="22" rx="6" className="fill-primary" />
      <text
        x="57"
        y="65"
        dy="0.36em"
        textAnchor="middle"
        fontSize="12"
        className="fill-primary-content font-bold"
      >
        5
      </text>
      {[0, 1].map((ring) => {
        const used = ring < on;
        return (
          <g key={ring}>
            <rect
              x={used ? 34 : 90}
              y={used ? 38 - ring * 16 : 60 - ring * 16}
              width={used ? 46 : 28}
              height="13"
              rx="6"
              className={used ? "fill-primary" : "fill-none stroke-bar [stroke-dasharray:4_3]"}
              strokeWidth="2"
            />
            {used && (
              <text
                x="57"
                y={44.5 - ring * 16}
                dy="0.36em"
                textAnchor="middle"
                fontSize="11"
                className="fill-primary-content font-bold"
              >
                +5
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}
