using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>Rulings of earlier programs kept only the sentence they were about. The one place where a sentence is compared, once for each
/// such ruling.</summary>
public static class OldRulings
{
    /// <summary>Edits that say of each such ruling which case it is about, where a verdict that stands now reads like it.</summary>
    public static IReadOnlyList<Edit> Named(Job job) =>
        [.. job.Rulings.Where(r => r.Value.Case is null).Select(r => Named(job, r.Key, r.Value)).OfType<Edit>()];

    private static NameRuling? Named(Job job, string id, Ruling ruling)
    {
        var teller = new Teller(job, ruling.Box);
        var found = Judged(job, ruling.Box)
            .FirstOrDefault(f => f.Rule == ruling.Rule && f.Of == ruling.Of && f.Verdict != Verdict.Fine && teller.Reads(f, ruling.About));
        return found is null ? null : new(id, found.Case, found.Details.ToString());
    }

    private static IReadOnlyList<Finding> Judged(Job job, string id) =>
        job.Boxes.TryFind(id, out var box) ? Inspector.Judge(job, id, box)
        : job.Circuits.Has(id) ? SupplyVerdicts.Judge(new CircuitLook(job, id))
        : job.Panels.Has(id) ? SupplyVerdicts.Judge(new PanelLook(job, id))
        : [];
}
