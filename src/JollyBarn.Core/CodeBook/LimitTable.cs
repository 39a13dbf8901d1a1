using System.Collections.Frozen;
using System.Runtime.CompilerServices;
using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>One number of the book: its value from an edition on, its unit and the article it stands in.</summary>
/// <param name="Key">Stable name that rules and amendments use.</param>
/// <param name="Value">The number, in <paramref name="Unit"/>.</param>
/// <param name="Article">Article by edition, or <c>practice</c>.</param>
/// <param name="From">First edition in which this row holds; a later row of the same key replaces it.</param>
public sealed record Limit(string Key, string Name, decimal Value, string Unit, string Article, Edition From = Edition.Nec2017);

/// <summary>The numbers that hold for one profile: the rows of its edition, with local amendments laid over them.</summary>
public sealed class LimitTable
{
    private static readonly ConditionalWeakTable<CodeProfile, LimitTable> Resolved = [];

    private static readonly IReadOnlyList<Limit> Book = [.. FillLimits.All, .. InspectionLimits.All];

    private readonly FrozenDictionary<string, Limit> rows;

    private LimitTable(CodeProfile profile)
    {
        var now = new Dictionary<string, Limit>(StringComparer.Ordinal);
        foreach (var limit in Book.Where(l => l.From <= profile.Edition))
        {
            now[limit.Key] = limit;
        }

        foreach (var amendment in profile.Amendments)
        {
            if (now.TryGetValue(amendment.Key, out var limit))
            {
                now[amendment.Key] = limit with
                {
                    Value = amendment.Value ?? limit.Value,
                    Article = $"{limit.Article}, {(amendment.Value is null ? "noted" : "amended")} here: {amendment.Note}",
                };
            }
        }

        rows = now.ToFrozenDictionary(StringComparer.Ordinal);
    }

    /// <summary>The table of a profile; built once for each profile record.</summary>
    public static LimitTable For(CodeProfile profile) => Resolved.GetValue(profile, p => new LimitTable(p));

    /// <summary>Every number of the profile, in the order of the book.</summary>
    public IEnumerable<Limit> All => Book.Select(l => l.Key).Distinct().Where(rows.ContainsKey).Select(k => rows[k]);

    public bool Has(string key) => rows.ContainsKey(key);

    public Limit this[string key] => rows[key];

    public decimal Number(string key) => rows[key].Value;

    /// <summary>A limit kept in inches, as a length.</summary>
    public Length Inches(string key) => Length.FromInches(rows[key].Value);

    /// <summary>Volume allowance of one conductor, in³, or null for a gauge outside Table 314.16(B) (4 AWG and larger is 314.28; thinner
    /// than 18 has no row).</summary>
    public Volume? Allowance(Gauge gauge) =>
        rows.TryGetValue(FillLimits.AllowanceKey(gauge), out var limit) ? Volume.Of(limit.Value) : null;
}
