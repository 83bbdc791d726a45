import * as v from 'valibot';

/**
 * Statements of the Experience API 1.0.3 (ADL, “Experience API, Part Two: Experience API Data”, section 2), as far as
 * we write them: what stands beside these properties is refused, as section 2.2 of its requirements wants it of a store.
 */
const Uuid = v.pipe(
  v.string(),
  v.regex(/^[0-9a-f]{8}-[0-9a-f]{4}-[1-5][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i),
);
const Iri = v.pipe(v.string(), v.regex(/^[a-z][a-z0-9+.-]*:[^\s]+$/i));
/** ISO 8601, to the hundredth of a second at most (4.6). */
const Duration = v.pipe(v.string(), v.regex(/^PT\d+(\.\d{1,2})?S$/));
const Timestamp = v.pipe(v.string(), v.isoTimestamp());
/** Texts by language, as RFC 5646 tags them (4.2). */
const LanguageMap = v.record(v.pipe(v.string(), v.regex(/^[a-z]{2,8}(-[a-z0-9]{1,8})*$/i)), v.string());

/** Who: known to the system that says it by an account there (2.4.2.1, 2.4.2.4). */
const Agent = v.strictObject({
  objectType: v.optional(v.literal('Agent')),
  name: v.optional(v.string()),
  account: v.strictObject({ homePage: Iri, name: v.pipe(v.string(), v.minLength(1)) }),
});
const Activity = v.strictObject({
  objectType: v.optional(v.literal('Activity')),
  id: Iri,
  definition: v.optional(
    v.strictObject({
      name: v.optional(LanguageMap),
      description: v.optional(LanguageMap),
      type: v.optional(Iri),
    }),
  ),
});

export const Statement = v.strictObject({
  id: Uuid,
  actor: Agent,
  verb: v.strictObject({ id: Iri, display: v.optional(LanguageMap) }),
  object: Activity,
  result: v.optional(
    v.strictObject({
      score: v.optional(
        v.pipe(
          v.strictObject({
            scaled: v.optional(v.pipe(v.number(), v.minValue(-1), v.maxValue(1))),
            raw: v.optional(v.number()),
            min: v.optional(v.number()),
            max: v.optional(v.number()),
          }),
          // 2.4.5.1: raw lies between min and max.
          v.check(({ raw, min, max }) => raw === undefined || (raw >= (min ?? raw) && raw <= (max ?? raw))),
        ),
      ),
      success: v.optional(v.boolean()),
      completion: v.optional(v.boolean()),
      response: v.optional(v.string()),
      duration: v.optional(Duration),
    }),
  ),
  context: v.optional(
    v.strictObject({
      platform: v.optional(v.string()),
      contextActivities: v.optional(
        v.strictObject({ parent: v.optional(v.array(Activity)), grouping: v.optional(v.array(Activity)) }),
      ),
    }),
  ),
  timestamp: v.optional(Timestamp),
});
export type Statement = v.InferOutput<typeof Statement>;

/** The version that goes with each request, in the header `X-Experience-API-Version` (part three, 3.3). */
export const XAPI_VERSION = '1.0.3';
