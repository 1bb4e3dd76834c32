import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { wrongAt } from "@/api/problem";
import { Button, Card, Choice, Disclosure, Field, ProblemNote, useKept } from "@/kit";

const ROLES = [
  { value: "cook", text: "Cook" },
  { value: "helper", text: "Helper" },
  { value: "guest", text: "Guest" },
] as const;
type RoleCode = (typeof ROLES)[number]["value"];

const MAY: Record<RoleCode, string> = {
  cook: "Everything.",
  helper: "Tap at the stove, tick lists, take from the shelf, practise.",
  guest: "Look.",
};

/** Who is in the household; with nobody here every device that is in may do everything. */
export function PeopleCard() {
  const queries = useQueryClient();
  const people = useQuery({ queryKey: keys.people, queryFn: () => body(api.GET("/api/access/people")) });
  const told = (left: Schemas["PersonResponse"][]) => {
    queries.setQueryData(keys.people, left);
    void queries.invalidateQueries({ queryKey: keys.access, exact: true });
  };
  const remove = useMutation({
    mutationFn: (id: number) => body(api.DELETE("/api/access/people/{id}", { params: { path: { id } } })),
    onSuccess: told,
  });
  return (
    <Card label="People" className="flex flex-col gap-3">
      <div>
        <h2 className="text-xl font-bold">People</h2>
        <p className="text-soft">
          {people.data?.length === 0
            ? "Nobody signs in: every device that is in may do everything. With the first cook, the others look until somebody signs in."
            : "Whoever signs in on a phone or tablet stands in the record with what they did."}
        </p>
      </div>
      <ProblemNote error={people.error ?? remove.error} />
      {people.data && people.data.length > 0 && (
        <ul>
          {people.data.map((person) => (
            <li
              key={person.id}
              className="flex min-h-12 items-center gap-4 border-b border-line py-1 last:border-0"
            >
              <span className="flex-1">
                <strong>{person.name}</strong>
                <span className="ml-2 text-soft">{person.role}</span>
              </span>
              <Button
                look="quiet"
                size="small"
                disabled={remove.isPending}
                aria-label={`Remove ${person.name}`}
                onClick={() => remove.mutate(person.id)}
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      {people.data && <Add first={people.data.length === 0} onAdded={told} />}
    </Card>
  );
}

interface AddProps {
  readonly first: boolean;
  readonly onAdded: (people: Schemas["PersonResponse"][]) => void;
}

function Add({ first, onAdded }: AddProps) {
  const [name, setName] = useKept("person", "");
  const [pin, setPin] = useState("");
  const [chosen, setRole] = useState<RoleCode>("helper");
  const role = first ? "cook" : chosen;
  const add = useMutation({
    mutationFn: () => body(api.POST("/api/access/people", { body: { name: name.trim(), role, pin } })),
    onSuccess: (people) => {
      onAdded(people);
      setName("");
      setPin("");
    },
  });
  const elsewhere = add.error && !wrongAt(add.error, "name") && !wrongAt(add.error, "pin");
  return (
    <Disclosure title={first ? "The first cook" : "Somebody else"}>
      <form
        className="flex flex-col gap-3 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        <div className="flex flex-wrap gap-4">
          <Field label="Name" error={wrongAt(add.error, "name")}>
            {(id, described) => (
              <input
                id={id}
                aria-describedby={described}
                className="input min-h-12 w-56"
                maxLength={40}
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Field>
          <Field label="PIN" error={wrongAt(add.error, "pin")} hint="4 digits or more">
            {(id, described) => (
              <input
                id={id}
                aria-describedby={described}
                className="input digits min-h-12 w-40"
                type="password"
                inputMode="numeric"
                autoComplete="new-password"
                maxLength={12}
                value={pin}
                onChange={(event) => setPin(event.target.value.replace(/\D/g, ""))}
              />
            )}
          </Field>
        </div>
        {!first && <Choice label="May do" value={role} options={ROLES} onChange={setRole} />}
        <p className="text-soft">{MAY[role]}</p>
        {elsewhere && <ProblemNote error={add.error} />}
        <div>
          <Button type="submit" disabled={name.trim() === "" || pin.length < 4 || add.isPending}>
            Add {name.trim() || "them"}
          </Button>
        </div>
      </form>
    </Disclosure>
  );
}
