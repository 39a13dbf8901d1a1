namespace JollyBarn.Terms;

/// <summary>Facts of leads, pigtails and joints.</summary>
public static class LeadFacts
{
    public static FactKey<Measures.Length> Length { get; } = Fact.Tape("length", FactOf.Lead, 300);

    public static FactKey<Measures.Length> PastOpening { get; } = Fact.Tape("past-opening", FactOf.Lead, 301);

    public static FactKey<LeadHurt> Hurt { get; } = Fact.OneOf<LeadHurt>("damage", FactOf.Wire, 302);

    public static FactKey<HookTurn> Hook { get; } = Fact.OneOf<HookTurn>("hook", FactOf.Wire, 303);

    public static FactKey<Measures.Length> Bare { get; } = Fact.Tape("bare", FactOf.Wire, 304);

    public static FactKey<Measures.Length> Path { get; } = Fact.Tape("path", FactOf.Lead, 305);

    public static FactKey<Measures.Length> TailLength { get; } = Fact.Tape("tail-length", FactOf.Pigtail, 310);

    public static FactKey<bool> Tight { get; } = Fact.YesNo("tight", FactOf.Joint, 320, true);

    public static FactKey<bool> JointListed { get; } = Fact.YesNo("joint-listed", FactOf.Joint, 321, true);

    public static FactKey<JointSeen> Seen { get; } = Fact.OneOf<JointSeen>("joint-seen", FactOf.Joint, 324);

    public static FactKey<bool> Reused { get; } = Fact.YesNo("reused", FactOf.Joint, 322, false);

    public static FactKey<bool> JointAluminum { get; } = Fact.YesNo("joint-aluminum", FactOf.Joint, 323, true);

    internal static IReadOnlyList<FactKey> All { get; } =
    [Length, PastOpening, Hurt, Hook, Bare, Path, TailLength, Tight, JointListed, Reused, JointAluminum, Seen];
}
