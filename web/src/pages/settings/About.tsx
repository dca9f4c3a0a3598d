import { useQuery } from "@tanstack/react-query";

import { api, ask } from "../../api/client";
import notices from "../../api/notices.json";

/** Which Gasket this is, where the kitchen lies, and what others have made of it. */
export function About() {
  const { data } = useQuery({ queryKey: ["about"], queryFn: () => ask(api.GET("/api/about")) });
  return (
    <section aria-label="About Gasket" className="mt-8 border-t border-ink pt-4">
      <h2 className="mb-2 text-lg font-bold">About Gasket</h2>
      {data && (
        <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[8rem_minmax(0,1fr)]">
          <dt className="text-soft">Version</dt>
          <dd>
            {data.version}, schema {data.schema_revision}
          </dd>
          <dt className="text-soft">The kitchen</dt>
          <dd className="break-all">{data.kitchen}</dd>
          <dt className="text-soft">The log</dt>
          <dd className="break-all">{data.log}</dd>
          <dt className="text-soft">A copy of it all</dt>
          <dd>
            <code>gasket backup FILE.zip</code>, also while it runs
          </dd>
          <dt className="text-soft">Licence</dt>
          <dd>not chosen yet</dd>
        </dl>
      )}
      <details className="mt-3">
        <summary className="min-h-11 cursor-pointer py-2">
          {notices.length} packages and fonts of others, with their licences
        </summary>
        <div className="max-h-96 overflow-auto" tabIndex={0} role="region" aria-label="Notices">
          <table className="w-full text-left text-sm">
            <thead>
              <tr>
                {["Package", "Version", "For", "Licence"].map((name) => (
                  <th key={name} className="border-b border-ink py-1 pr-3">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {notices.map(([name, version, kind, licence]) => (
                <tr key={`${kind}/${name}`} className="border-b border-rule">
                  <td className="py-1 pr-3">{name}</td>
                  <td className="pr-3">{version}</td>
                  <td className="pr-3">{kind}</td>
                  <td>{licence}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </section>
  );
}
