import { FAMILIES, MOST, SWEETNESS_LEAST } from "../../api/vocabulary";
import type { Schemas } from "../../api/client";
import { SaysWho } from "../../drawing/Tolerance";
import { fixed } from "../../lib/format";
import { Choice, NumberField } from "../../ui/Field";
import { Reason, TextButton } from "../../ui/Reason";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { changeTerms } from "../../lines/draft";
import { Thickness } from "./Thickness";
import type { Reckoned } from "../../lines/useReckoned";

type Check = Schemas["BuildCheck"];
interface ChecksTabProps {
  draft: BuildDraft;
  reckoned: Reckoned;
}

/** What the habits of the trade say of this build: advice, never a block. */
export function ChecksTab({ draft, reckoned }: ChecksTabProps) {
  const { checks, family, family_reason: reason, family_else, out_of_step } = reckoned.report;
  const fat = reckoned.report.fat_keeps;
  const terms = draft.build.terms ?? {};
  const loud = checks.filter((check) => check.speaks);
  const quiet = checks.filter((check) => !check.speaks);
  const choose = (chosen: NonNullable<typeof family>) =>
    draft.change((build) => changeTerms(build, { family: chosen, confirm_family: false }));
  return (
    <div className="grid gap-4">
      <div className="flex flex-wrap gap-3">
        <div className="min-w-52 flex-1">
          <Choice
            label={
              terms.family || !family
                ? "What kind of dish it is"
                : "What kind of dish it is, guessed"
            }
            value={terms.family ?? family ?? "none"}
            options={[
              ...(family ? [] : [{ value: "none" as const, label: "choose one" }]),
              ...likelyFirst(family_else),
            ]}
            onChange={(value) => {
              if (value !== "none") choose(value);
            }}
          />
        </div>
        {fat != null && (
          <Choice
            label="Fat in a batter"
            value={terms.fat_school ?? "keep"}
            options={[
              { value: "keep", label: `at least ${fixed(fat * 100, 0)} %` },
              { value: "none", label: "none is fine" },
            ]}
            onChange={(fat_school) => draft.change((build) => changeTerms(build, { fat_school }))}
          />
        )}
        <NumberField
          label="Sweetness at least"
          unit="%"
          value={Math.round((terms.sweetness_least ?? SWEETNESS_LEAST) * 100)}
          most={100 * MOST.Terms.sweetness_least}
          onChange={(value) => {
            if (value !== null) {
              draft.change((build) => changeTerms(build, { sweetness_least: value / 100 }));
            }
          }}
        />
      </div>
      {reason !== "" && <p className="text-soft">Taken for that because {reason}.</p>}
      {terms.confirm_family && family && (
        <p className="border-l-4 border-mark bg-wash px-3 py-2">
          Gasket knows more kinds of dishes than before. Is this still right?{" "}
          <TextButton onPress={() => choose(family)}>Yes, it is</TextButton>
        </p>
      )}
      {!family && (
        <p>
          Choose what kind of dish it is: a crepe and a loaf want very different amounts of water.
        </p>
      )}
      {out_of_step.map((line) => (
        <p key={line.line_id} className="border-l-4 border-mark bg-wash px-3 py-2">
          <b>{nameOf(draft, line.line_id)}</b> went × {fixed(line.factor, 2)}, the rest of the trial
          × {fixed(line.common, 2)}. Forgotten, or meant?
        </p>
      ))}
      {loud.length === 0 && checks.length > 0 && (
        <p className="text-done">✓ Nothing out of the ordinary.</p>
      )}
      <ul className="grid gap-3">
        {[...loud, ...quiet].map((check) => (
          <CheckItem key={check.code + check.component} check={check} draft={draft} />
        ))}
      </ul>
      <Thickness draft={draft} thick={reckoned.report.thick} />
      <div className="text-sm">
        <SaysWho keys={[...new Set(checks.map((check) => check.source))]} />
      </div>
    </div>
  );
}

/** All kinds of dishes, those that the lines look like on top. */
function likelyFirst(likely: readonly string[]) {
  const place = (value: string) => likely.indexOf(value) + 1 || FAMILIES.length;
  return [...FAMILIES].sort((a, b) => place(a.value) - place(b.value));
}

function nameOf(draft: BuildDraft, lineId: string): string {
  const lines = (draft.build.components ?? []).flatMap((part) => part.lines ?? []);
  const line = lines.find((line) => line.id === lineId);
  return draft.labels[String(line?.label_id)]?.label.name ?? "A line";
}

const decimals = (check: Check) => (check.unit === "%" && check.value >= 10 ? 0 : 1);

function CheckItem({ check, draft }: { check: Check; draft: BuildDraft }) {
  const show = (value: number) => fixed(value, decimals(check));
  return (
    <li className="border-t border-rule pt-2" data-check={check.code}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className={check.speaks ? "font-bold text-mark" : "font-bold"}>
          {check.speaks ? "! " : ""}
          {check.name}
          {check.component && <span className="font-normal text-soft"> in {check.component}</span>}
        </span>
        <span>
          <b>{show(check.value)}</b> {check.unit}
          <span className="text-soft"> · usual {bandText(check, show)}</span>
        </span>
      </div>
      <Band check={check} />
      {check.says && !check.note && <p className="text-[15px]">{check.says}</p>}
      {check.note && <p className="text-sm text-soft">You said: {check.note}</p>}
      {check.verdict !== "within" && <Dismissal check={check} draft={draft} />}
    </li>
  );
}

function bandText(check: Check, show: (value: number) => string): string {
  if (check.least != null && check.most != null) return `${show(check.least)}–${show(check.most)}`;
  if (check.least != null) return `at least ${show(check.least)}`;
  return `at most ${show(check.most ?? 0)}`;
}

/** The value on its scale, the usual band drawn as a slot. */
function Band({ check }: { check: Check }) {
  const high = Math.max(check.value, check.most ?? 0, check.least ?? 0) * 1.25 || 1;
  const at = (value: number) => `${(100 * value) / high}%`;
  const from = check.least ?? 0;
  const to = check.most ?? high;
  return (
    <div className="relative my-1 h-3 border-b border-ink" aria-hidden="true">
      <span
        className="absolute bottom-0 h-2 border-x border-ink bg-wash"
        style={{ left: at(from), width: `${(100 * (to - from)) / high}%` }}
      />
      <span
        className={`absolute bottom-0 h-3 w-0.5 ${check.speaks ? "bg-mark" : "bg-ink"}`}
        style={{ left: at(check.value) }}
      />
    </div>
  );
}

/** The cook knows better: a note, and the check is quiet until the build goes further out. */
function Dismissal({ check, draft }: { check: Check; draft: BuildDraft }) {
  const others = (draft.build.terms?.dismissed ?? []).filter(
    (dismissed) => dismissed.code !== check.code,
  );
  const set = (dismissed: Schemas["Dismissal"][]) =>
    draft.change((build) => changeTerms(build, { dismissed }));
  if (!check.speaks) {
    return check.note ? <TextButton onPress={() => set(others)}>Say it again</TextButton> : null;
  }
  return (
    <Reason
      opens="Ignore this…"
      label="Why it is fine here"
      placeholder="made it five times, it sets"
      submit="Dismiss it"
      onSubmit={(note) =>
        set([...others, { code: check.code, component: "", value: check.value, note }])
      }
    />
  );
}
