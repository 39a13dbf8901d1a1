using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says that these leads and pigtails are taken to lie where they are recorded, as usual, and that nobody looked yet.</summary>
public sealed record AssumePlaces(Id<Box> Box, IReadOnlyList<Id<Lead>> Strands) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Places.Check(box, Strands);

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Assumed = Strands.Aggregate(box.Assumed, (all, s) => all.With(s, new AssumedPlace())),
        };
}

/// <summary>Somebody looked: these leads and pigtails lie where they were assumed to.</summary>
public sealed record ConfirmPlaces(Id<Box> Box, IReadOnlyList<Id<Lead>> Strands) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Places.Check(box, Strands);

    protected override Box ApplyIn(Box box) => box with { Assumed = Strands.Aggregate(box.Assumed, (all, s) => all.Without(s)) };
}

internal static class Places
{
    public static Refusal? Check(Box box, IReadOnlyList<Id<Lead>> strands) =>
        strands.FirstOrNull(s => !box.Leads.Has(s) && !box.Pigtails.Has(s)) is { } missing
            ? Refuse.Missing(What.Lead, missing, "strands")
            : null;
}
