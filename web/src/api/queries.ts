import { keepPreviousData, useInfiniteQuery, useQuery } from "@tanstack/react-query";

import { api, ask, type Schemas } from "./client";

/** Every thing that is read, by its key. */
export const keys = {
  kitchen: ["kitchen"] as const,
  dish: (id: number) => ["dish", id] as const,
  trial: (id: number) => ["trial", id] as const,
  batch: (id: number) => ["batch", id] as const,
  card: (id: number) => ["card", id] as const,
  steps: (trialId: number) => ["steps", trialId] as const,
  cook: (batchId: number) => ["cook", batchId] as const,
  portioning: (batchId: number) => ["portioning", batchId] as const,
  arms: (batchId: number) => ["arms", batchId] as const,
  tasting: (batchId: number) => ["tasting", batchId] as const,
  history: (dishId: number) => ["history", dishId] as const,
  blind: ["blind"] as const,
  photos: ["photos"] as const,
  stock: ["stock"] as const,
  timers: ["timers"] as const,
  foods: ["foods"] as const,
  settings: ["settings"] as const,
  sources: ["sources"] as const,
  scale: ["scale"] as const,
  health: ["health"] as const,
};

const at = <K extends string>(name: K, id: number) => ({
  params: { path: { [name]: id } as Record<K, number> },
});

/** Which dishes are shown. */
export interface KitchenQuery {
  search: string;
  tag: string;
  sort: "touched" | "name" | "newest";
  archived: boolean;
}

/** The Kitchen, page by page. */
export const useKitchen = (wanted: KitchenQuery) =>
  useInfiniteQuery({
    queryKey: [...keys.kitchen, wanted],
    queryFn: ({ pageParam: offset }) =>
      ask(api.GET("/api/kitchen", { params: { query: { ...wanted, offset } } })),
    placeholderData: keepPreviousData,
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const shown = pages.reduce((sum, page) => sum + page.dishes.length, 0);
      return shown < last.total && last.dishes.length > 0 ? shown : undefined;
    },
  });

/** Dishes by the words of their names; without words the lately used ones. */
export const useDishes = (search: string, limit: number, enabled = true) =>
  useQuery({
    enabled,
    queryKey: [...keys.kitchen, "names", search, limit],
    queryFn: () => ask(api.GET("/api/dishes", { params: { query: { search, limit } } })),
    placeholderData: keepPreviousData,
  });

export const useDish = (id: number) =>
  useQuery({
    queryKey: keys.dish(id),
    queryFn: () => ask(api.GET("/api/dishes/{dish_id}", at("dish_id", id))),
  });

export const useTrial = (id: number | undefined) =>
  useQuery({
    queryKey: keys.trial(id ?? 0),
    queryFn: () => ask(api.GET("/api/trials/{trial_id}", at("trial_id", id ?? 0))),
    enabled: id !== undefined,
  });

export const useCard = (id: number | undefined) =>
  useQuery({
    queryKey: keys.card(id ?? 0),
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/card", at("batch_id", id ?? 0))),
    enabled: id !== undefined,
  });

export const useSteps = (trialId: number) =>
  useQuery({
    queryKey: keys.steps(trialId),
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/steps", at("trial_id", trialId))),
  });

/** What is read again by itself, since other pages and the clock change it. */
const EVERY_MS = 2000;

export const useCook = (batchId: number | undefined) =>
  useQuery({
    queryKey: keys.cook(batchId ?? 0),
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/cook", at("batch_id", batchId ?? 0))),
    enabled: batchId !== undefined,
    refetchInterval: EVERY_MS,
  });

export const useTimers = () =>
  useQuery({
    queryKey: keys.timers,
    queryFn: () => ask(api.GET("/api/timers")),
    refetchInterval: EVERY_MS,
    refetchIntervalInBackground: true,
  });

export const usePortioning = (batchId: number | undefined) =>
  useQuery({
    queryKey: keys.portioning(batchId ?? 0),
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/portioning", at("batch_id", batchId ?? 0))),
    enabled: batchId !== undefined,
    placeholderData: keepPreviousData,
  });

export const useArms = (batchId: number) =>
  useQuery({
    queryKey: keys.arms(batchId),
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/arms", at("batch_id", batchId))),
  });

export const useBatchStock = (batchId: number | undefined) =>
  useQuery({
    queryKey: [...keys.stock, batchId ?? 0],
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/stock", at("batch_id", batchId ?? 0))),
    enabled: batchId !== undefined,
  });

/** The dishes stay in sight under what is to be eaten first. */
const FIRST_TO_EAT = 8;

/** What is in the fridge and the freezer, page by page. */
export const useStock = () =>
  useInfiniteQuery({
    queryKey: keys.stock,
    queryFn: ({ pageParam: offset }) =>
      ask(api.GET("/api/stock", { params: { query: { offset, limit: FIRST_TO_EAT } } })),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const shown = pages.reduce((sum, page) => sum + page.stocks.length, 0);
      return shown < last.total && last.stocks.length > 0 ? shown : undefined;
    },
  });

/** Foods for some words; without words, lately used ones first. `mine` without generic ones. */
export const useFoods = (search: string, limit = 50, { enabled = true, mine = false } = {}) =>
  useQuery({
    enabled,
    queryKey: [...keys.foods, "list", search, limit, mine],
    queryFn: () => ask(api.GET("/api/foods", { params: { query: { search, limit, mine } } })),
    placeholderData: keepPreviousData,
  });

export const useFood = (id: number | undefined) =>
  useQuery({
    queryKey: [...keys.foods, id ?? 0],
    queryFn: () => ask(api.GET("/api/foods/{food_id}", at("food_id", id ?? 0))),
    enabled: id !== undefined,
  });

export const useVersions = (labelId: number) =>
  useQuery({
    queryKey: [...keys.foods, "versions", labelId],
    queryFn: () => ask(api.GET("/api/labels/{label_id}/versions", at("label_id", labelId))),
  });

export const useComparison = (labels: readonly number[], trial: number | undefined) =>
  useQuery({
    queryKey: [...keys.foods, "compare", labels, trial ?? 0],
    queryFn: () =>
      ask(
        api.GET("/api/compare", {
          params: { query: { labels: [...labels], ...(trial && { trial }) } },
        }),
      ),
    enabled: labels.length >= 2,
    placeholderData: keepPreviousData,
  });

export const usePending = (trialId: number) =>
  useQuery({
    queryKey: [...keys.trial(trialId), "pending"],
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/pending", at("trial_id", trialId))),
  });

export const usePresets = (trialId: number) =>
  useQuery({
    queryKey: [...keys.trial(trialId), "presets"],
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/presets", at("trial_id", trialId))),
  });

export const useDifference = (trialId: number, to: number) =>
  useQuery({
    queryKey: [...keys.trial(trialId), "difference", to],
    queryFn: () =>
      ask(
        api.GET("/api/trials/{trial_id}/difference", {
          params: { path: { trial_id: trialId }, query: { to } },
        }),
      ),
  });

export const useReferenceAmounts = () =>
  useQuery({
    queryKey: ["reference-amounts"],
    queryFn: () => ask(api.GET("/api/reference-amounts")),
    staleTime: Infinity,
  });

export const useSettings = () =>
  useQuery({ queryKey: keys.settings, queryFn: () => ask(api.GET("/api/settings")) });

export const useSources = () =>
  useQuery({
    queryKey: keys.sources,
    queryFn: () => ask(api.GET("/api/sources")),
    staleTime: Infinity,
  });

export const useHealth = () =>
  useQuery({ queryKey: keys.health, queryFn: () => ask(api.GET("/api/health")) });

export const useScale = () =>
  useQuery({
    queryKey: keys.scale,
    queryFn: () => ask(api.GET("/api/scale")),
    refetchInterval: 5000,
  });

/** What was said of a batch. */
export const useTasteSheet = (batchId: number) =>
  useQuery({
    queryKey: keys.tasting(batchId),
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/tastings", at("batch_id", batchId))),
  });

/** The trials of a dish with their scores. */
export const useHistory = (dishId: number) =>
  useQuery({
    queryKey: keys.history(dishId),
    queryFn: () => ask(api.GET("/api/dishes/{dish_id}/history", at("dish_id", dishId))),
  });

/** Proposals for the next trial. */
export const useNextTrials = (trialId: number) =>
  useQuery({
    queryKey: [...keys.trial(trialId), "next"],
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/next", at("trial_id", trialId))),
  });

/** Everything that was said of a trial. */
export const useTrialTastings = (trialId: number) =>
  useQuery({
    queryKey: [...keys.trial(trialId), "tastings"],
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/tastings", at("trial_id", trialId))),
  });

export type RankWeights = Schemas["RankWeights"];

/** The keepers of all dishes, in the order that these weights give. */
export const useKeepers = (weights: RankWeights) =>
  useQuery({
    queryKey: [...keys.kitchen, "keepers", weights],
    queryFn: () => ask(api.GET("/api/keepers", { params: { query: weights } })),
    placeholderData: keepPreviousData,
  });

export const useBlindTests = (dishId: number) =>
  useQuery({
    queryKey: [...keys.blind, "of", dishId],
    queryFn: () => ask(api.GET("/api/dishes/{dish_id}/blind-tests", at("dish_id", dishId))),
  });

export const useBlindTest = (id: number) =>
  useQuery({
    queryKey: [...keys.blind, id],
    queryFn: () => ask(api.GET("/api/blind-tests/{test_id}", at("test_id", id))),
    refetchInterval: EVERY_MS,
  });

/** What goes into which cup: asked for by whoever fills them. */
export const useBlindCups = (id: number) =>
  useQuery({
    queryKey: [...keys.blind, "cups", id],
    queryFn: () => ask(api.GET("/api/blind-tests/{test_id}/cups", at("test_id", id))),
  });

export const useProspect = (kind: Schemas["NewBlindTest"]["kind"], seats: number) =>
  useQuery({
    queryKey: [...keys.blind, "prospect", kind, seats],
    queryFn: () => ask(api.GET("/api/blind-prospect", { params: { query: { kind, seats } } })),
    enabled: seats >= 1,
    placeholderData: keepPreviousData,
  });

/** The photos of a batch. */
export const usePhotos = (batchId: number) =>
  useQuery({
    queryKey: [...keys.photos, "batch", batchId],
    queryFn: () => ask(api.GET("/api/batches/{batch_id}/photos", at("batch_id", batchId))),
  });

/** The photos of all batches of a trial. */
export const useTrialPhotos = (trialId: number) =>
  useQuery({
    queryKey: [...keys.photos, "trial", trialId],
    queryFn: () => ask(api.GET("/api/trials/{trial_id}/photos", at("trial_id", trialId))),
  });
