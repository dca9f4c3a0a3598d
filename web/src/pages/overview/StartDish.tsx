import { type SyntheticEvent, useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, sentence } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { useDeed } from "../../ui/useDeed";

/** A name starts a dish; without one, what is poured onto the scale does. */
export function StartDish() {
  const [name, setName] = useState("");
  const [error, setError] = useState<string>();
  const { run, busy } = useDeed(
    (problem) => setError(problem.at("name") ?? sentence(problem)),
    true,
  );
  const navigate = useNavigate();
  const begin = async (free: boolean) => {
    const today = new Date().toLocaleDateString(undefined, { day: "numeric", month: "long" });
    const called = name.trim() || (free ? `Cooked on ${today}` : "");
    if (called === "") {
      setError("Give the dish a name.");
      return;
    }
    await run(async () => {
      const dish = await ask(api.POST("/api/dishes", { body: { name: called } }));
      const trial = dish.trials[0];
      let to = `/dishes/${dish.id}/original`;
      if (free && trial) {
        const params = { path: { trial_id: trial.id } };
        const batch = await ask(
          api.POST("/api/trials/{trial_id}/batches", { params, body: { free: true } }),
        );
        to = `/dishes/${dish.id}/weigh?batch=${batch.id}`;
      }
      void navigate(to);
    });
  };
  const start = (event: SyntheticEvent) => {
    event.preventDefault();
    if (!busy) void begin(false);
  };
  return (
    <form
      id="start"
      onSubmit={start}
      aria-label="Start a dish"
      className="mt-3 flex flex-wrap items-end gap-2"
      noValidate
    >
      <div className="w-80 max-w-full min-w-0">
        <TextField
          label="Name of the new dish"
          placeholder="Sticky toffee pudding"
          maxLength={120}
          value={name}
          onChange={(text) => {
            setName(text);
            setError(undefined);
          }}
          error={error}
        />
      </div>
      <Button type="submit" look="main" className={error ? "mb-6" : ""}>
        Start
      </Button>
      <Button
        look="quiet"
        className={error ? "mb-6" : ""}
        onClick={() => {
          if (!busy) void begin(true);
        }}
      >
        Weigh without a recipe
      </Button>
    </form>
  );
}
