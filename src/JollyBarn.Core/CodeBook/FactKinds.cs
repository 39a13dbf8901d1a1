using System.Collections.Frozen;

namespace JollyBarn.CodeBook;

/// <summary>What a fact is about: the box, or one thing in it.</summary>
public enum FactOf
{
    Box,
    Entry,
    /// <summary>One end of a cable, here; its subject is the run's id and its side, <c>r1.a</c>.</summary>
    CableEnd,
    Lead,
    Pigtail,
    Joint,
    Device,
    Panel,
    /// <summary>A breaker, by its key.</summary>
    Breaker,
    Circuit,
}

public enum FactType
{
    YesNo,
    Choice,
    Length,
    Number,
}

public sealed record FactChoice(string Value, string Name);

/// <summary>A fact one can look for or take with a tape.</summary>
/// <param name="Key">Stable name, the same for no two kinds.</param>
/// <param name="Asks">The question, as one would say it at the box.</param>
/// <param name="How">How to take it.</param>
/// <param name="Order">Place in the order a hand takes them: the plate and wall first, then the box, cables, leads, joints, devices.</param>
/// <param name="Picture">Name of the small picture of where the tape goes; null where there is nothing to measure.</param>
/// <param name="Unit">Unit of a number.</param>
public sealed record FactKind(string Key, FactOf Of, FactType Type, string Asks, string How, int Order, IReadOnlyList<FactChoice> Choices, string? Picture = null, string? Unit = null)
{
    /// <summary>What it would be when all is well: the answer of <em>these look right</em>. Null where only a look or a tape can tell.</summary>
    public string? Right { get; init; }
}

/// <summary>Every fact there is to ask. A new one is a line in the list of its subject.</summary>
public static class FactKinds
{
    private static readonly FrozenDictionary<string, FactKind> ByKey;

    static FactKinds()
    {
        All = [.. WallFacts.All, .. BoxFacts.All, .. CableFacts.All, .. LeadFacts.All, .. DeviceFacts.All, .. SupplyFacts.All];
        ByKey = All.ToFrozenDictionary(k => k.Key, StringComparer.Ordinal);
    }

    public static IReadOnlyList<FactKind> All { get; }

    public static FactKind? Find(string? key) => key is not null && ByKey.TryGetValue(key, out var kind) ? kind : null;

    internal static FactKind YesNo(string key, FactOf of, int order, string asks, string how, string? right = null) =>
        new(key, of, FactType.YesNo, asks, how, order, [new("yes", "Yes"), new("no", "No")]) { Right = right };

    internal static FactKind Tape(string key, FactOf of, int order, string asks, string how, string picture) => new(key, of, FactType.Length, asks, how, order, [], picture);

    internal static FactKind Number(string key, FactOf of, int order, string asks, string how, string unit) => new(key, of, FactType.Number, asks, how, order, [], null, unit);

    internal static FactKind Choice(string key, FactOf of, int order, string asks, string how, params (string Value, string Name)[] choices) =>
        new(key, of, FactType.Choice, asks, how, order, [.. choices.Select(c => new FactChoice(c.Value, c.Name))]);
}
