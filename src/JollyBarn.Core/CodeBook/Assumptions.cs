namespace JollyBarn.CodeBook;

/// <summary>Numbers a house sets for itself. All <em>practice</em>.</summary>
public static class Assumptions
{
    public static Assumption ProofHours { get; } = new("proof.hours", "a proof of dead holds for", 4m, "h");

    public static IReadOnlyList<Assumption> All { get; } =
    [.. CrowdingBook.All, ProofHours, .. WalkBook.All, .. WayBook.All, .. WallBook.All, .. ElectricsBook.All];
}
