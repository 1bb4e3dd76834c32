import { Printer } from "lucide-react";
import { useState } from "react";
import { Button, buttonClasses, Card, Choice, NumberField, PageFrame, ProblemNote, Stepper } from "@/kit";
import { useKitchen } from "@/kitchen";
import { type Lot, lotName, useShelf } from "@/shelf";
import { keepPaper, keptPaper, type LabelPaper, labelQuery, type Sheet, usualOn } from "./sheet";

/** What is counted, and what is measured: in millimetres, or inches where the kitchen has those. */
const MEASURES: readonly (readonly [keyof Sheet, string])[] = [
  ["columns", "Labels across"],
  ["rows", "Labels down"],
  ["width", "Width"],
  ["height", "Height"],
  ["left", "From the left edge"],
  ["top", "From the upper edge"],
  ["gapX", "Gap across"],
  ["gapY", "Gap down"],
];
const COUNTS: readonly (keyof Sheet)[] = ["columns", "rows"];
const MM_IN_AN_INCH = 25.4;

/** Everything that goes on paper: labels for jars, and lists. */
export function PrintsPage({ lot }: { readonly lot: string | undefined }) {
  const shelf = useShelf();
  const kitchen = useKitchen();
  const [labels, setLabels] = useState(keptPaper);
  const { paper, sheet } = labels;
  const [first, setFirst] = useState(1);
  const [square, setSquare] = useState("yes");
  const [counts, setCounts] = useState<ReadonlyMap<string, number>>(new Map());
  const lots = [...(shelf.data?.lots ?? [])].reverse();
  const newest = lot ?? lots[0]?.code;
  const countOf = (each: Lot) => counts.get(each.code) ?? (each.code === newest ? each.jars : 0);
  const wanted = lots.filter((each) => countOf(each) > 0);
  const total = wanted.reduce((sum, each) => sum + countOf(each), 0);
  const spots = sheet.columns * sheet.rows;
  const keep = (next: LabelPaper) => {
    setLabels(next);
    keepPaper(next);
  };
  const address =
    `/api/prints/labels.pdf?${labelQuery(labels)}&first=${first}&code=${square === "yes"}` +
    wanted.map((each) => `&lots=${each.code}*${countOf(each)}`).join("");
  return (
    <PageFrame
      title="Labels and lists"
      lead="Each opens as a PDF; print it at its real size, without fitting it to the page"
    >
      <ProblemNote error={shelf.error} />
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <Card label="Labels" className="flex flex-col gap-4">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <h2 className="text-lg font-bold">Labels for jars</h2>
            {total === 0 ? (
              <Button disabled icon={<Printer size={20} />}>
                No label chosen
              </Button>
            ) : (
              <a
                className="btn h-auto max-w-full whitespace-normal btn-primary min-h-11 px-5 font-bold text-base"
                href={address}
                target="_blank"
                rel="noreferrer"
              >
                <Printer size={20} aria-hidden="true" />
                {total === 1 ? "One label" : `${total} labels`}
              </a>
            )}
          </div>
          <div className="flex flex-wrap items-start gap-8">
            <SheetPicture sheet={sheet} paper={paper} first={first} total={total} onFirst={setFirst} />
            <div className="flex min-w-[min(15rem,100%)] flex-1 flex-col gap-2">
              <p className="text-soft">
                Tap the first free label of a sheet that is partly used: printing begins at{" "}
                <strong className="text-ink">position {Math.min(first, spots)}</strong>.
              </p>
              <Choice
                label="Square code"
                value={square}
                options={[
                  { value: "yes", text: "With" },
                  { value: "no", text: "Without" },
                ]}
                onChange={setSquare}
              />
              <ul>
                {lots.map((each) => (
                  <li key={each.code} className="border-b border-line last:border-0">
                    <p className="-mb-1 pt-1 text-[0.95rem] text-soft">{lotName(each)}</p>
                    <Stepper
                      label={each.code}
                      value={countOf(each)}
                      max={200}
                      onChange={(count) => setCounts(new Map(counts).set(each.code, count))}
                    />
                  </li>
                ))}
              </ul>
            </div>
          </div>
        </Card>
        <div className="flex flex-col gap-4">
          <Card label="Lists" className="flex flex-col gap-3">
            <h2 className="text-lg font-bold">Lists</h2>
            <PrintLink href={`/api/prints/shelf.pdf?paper=${paper}`} text="What stands on the shelf" />
            <PrintLink href={`/api/prints/holds.pdf?paper=${paper}`} text="Lots on hold" />
            <p className="text-[0.95rem] text-soft">
              The card for the stove and the record of a batch are printed from its page in the logbook.
            </p>
          </Card>
          <Card label="Paper" className="flex flex-col gap-3">
            <Choice
              label="Paper"
              value={paper}
              options={[
                { value: "a4", text: "A4" },
                { value: "letter", text: "US letter" },
              ]}
              onChange={(next) => keep(usualOn(next))}
            />
            <div className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,8rem),1fr))] gap-x-4">
              {MEASURES.map(([key, text]) => (
                <Measure
                  key={`${paper}/${key}`}
                  label={text}
                  counted={COUNTS.includes(key)}
                  inches={kitchen.data?.units === "us"}
                  value={sheet[key]}
                  onChange={(value) => keep({ paper, sheet: { ...sheet, [key]: value } })}
                />
              ))}
            </div>
          </Card>
        </div>
      </div>
    </PageFrame>
  );
}

interface MeasureProps {
  readonly label: string;
  readonly counted: boolean;
  readonly inches: boolean;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** One measure of a sheet; it is kept in millimetres whatever it is typed in. */
function Measure({ label, counted, inches, value, onChange }: MeasureProps) {
  const unit = inches ? "in" : "mm";
  const size = inches ? MM_IN_AN_INCH : 1;
  return (
    <NumberField
      label={counted ? label : `${label}, ${unit}`}
      value={counted ? value : Math.round((value / size) * 1000) / 1000}
      bounds={counted ? { min: 1, max: 30, whole: true } : { min: 0, max: inches ? 12 : 300 }}
      told="leaving"
      onChange={(typed) => onChange(counted ? typed : Math.round(typed * size * 100) / 100)}
    />
  );
}

function PrintLink({ href, text }: { readonly href: string; readonly text: string }) {
  return (
    <a className={buttonClasses({}, "justify-start")} href={href} target="_blank" rel="noreferrer">
      <Printer size={20} aria-hidden="true" />
      {text}
    </a>
  );
}

interface PictureProps {
  readonly sheet: Sheet;
  readonly paper: string;
  readonly first: number;
  readonly total: number;
  readonly onFirst: (first: number) => void;
}

/** The sheet to scale: used labels are empty, those to be printed are filled. */
function SheetPicture({ sheet, paper, first, total, onFirst }: PictureProps) {
  const [width, height] = paper === "a4" ? [210, 297] : [215.9, 279.4];
  const spots = Array.from({ length: Math.min(300, sheet.columns * sheet.rows) }, (_, index) => index + 1);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing whose parts can be tapped
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="h-96 max-w-full shrink-0"
      role="group"
      aria-label="The sheet of labels"
    >
      <rect width={width} height={height} className="fill-ground stroke-line" strokeWidth="1.5" />
      {spots.map((spot) => {
        const column = (spot - 1) % sheet.columns;
        const row = Math.floor((spot - 1) / sheet.columns);
        const printed = spot >= first && spot < first + total;
        return (
          // biome-ignore lint/a11y/useSemanticElements: a label in a drawing of the sheet
          <g
            key={spot}
            role="button"
            tabIndex={0}
            aria-label={`Begin at position ${spot}`}
            className="cursor-pointer"
            onClick={() => onFirst(spot)}
            onKeyDown={(event) => event.key === "Enter" && onFirst(spot)}
          >
            <rect
              x={sheet.left + column * (sheet.width + sheet.gapX)}
              y={sheet.top + row * (sheet.height + sheet.gapY)}
              width={sheet.width}
              height={sheet.height}
              rx="3"
              className={`stroke-bar ${printed ? "fill-primary" : spot < first ? "fill-steam" : "fill-paper"}`}
              strokeWidth="0.8"
            />
            <text
              x={sheet.left + column * (sheet.width + sheet.gapX) + sheet.width / 2}
              y={sheet.top + row * (sheet.height + sheet.gapY) + sheet.height / 2}
              dy="0.35em"
              textAnchor="middle"
              className={`text-[11px] font-bold ${printed ? "fill-primary-content" : "fill-soft"}`}
            >
              {spot}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
