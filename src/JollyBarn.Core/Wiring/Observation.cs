using System.Text.Json.Serialization;
using JollyBarn.Terms;

namespace JollyBarn.Wiring;

/// <summary>An answer to one of the questions of <see cref="FactKeys"/>, with how it is known.</summary>
/// <param name="Value">A length as its exact text, <c>yes</c> or <c>no</c>, a choice, or a number as text.</param>
/// <param name="Entered">What the person typed, kept as typed.</param>
/// <param name="When">When, as an ISO 8601 date or time.</param>
/// <param name="By">The setting that assumed it.</param>
public sealed record Observation(
    Known How,
    string? Value = null,
    string? Entered = null,
    string? Who = null,
    string? When = null,
    string? By = null
);

/// <summary>What is known of one thing of a box, by the key of the fact.</summary>
public sealed record Noted
{
    public static Noted Nothing { get; } = new();

    [JsonConverter(typeof(ByIdJson<string, Observation>))]
    public ById<string, Observation> Facts { get; init; } = ById<string, Observation>.Empty;
}

/// <summary>What somebody said of the box and nobody has confirmed: "never used it".</summary>
public sealed record Said(string Text, string? Who = null, string? When = null);

/// <summary>The things of a box a fact can be about.</summary>
public static class Subjects
{
    /// <summary>Subject of facts of the box itself.</summary>
    public const string Box = "box";

    /// <summary>Subject of facts of a circuit itself, and of a panel itself; a breaker's is its <see cref="Breaker.Key"/>.</summary>
    public const string Circuit = "circuit";

    public const string Panel = "panel";

    /// <summary>The subject of one end of a cable: <c>r1.a</c>.</summary>
    public static string CableEnd(Id<Run> run, RunSide side) => $"{run}.{(side == RunSide.A ? "a" : "b")}";

    /// <summary>The run and side such a subject names; null where it names none.</summary>
    public static (Id<Run> Run, RunSide Side)? CableEnd(string subject) =>
        subject.EndsWith(".a", StringComparison.Ordinal) ? (subject[..^2], RunSide.A)
        : subject.EndsWith(".b", StringComparison.Ordinal) ? (subject[..^2], RunSide.B)
        : null;

    /// <summary>True when the box has such a thing.</summary>
    public static bool Has(Box box, FactOf of, string id) =>
        of switch
        {
            FactOf.Box => id == Box,
            FactOf.Entry => box.Entries.Has(id),
            FactOf.CableEnd => box.Leads.Values.Any(l =>
                l.Run is { } run
                && (CableEnd(run, l.Side) == id || (l.LeavesBy is { } on && id.StartsWith(on + ".", StringComparison.Ordinal)))
            ),
            FactOf.Lead => box.Leads.Has(id),
            FactOf.Pigtail => box.Pigtails.Has(id),
            FactOf.Wire => box.Leads.Has(id) || box.Pigtails.Has(id),
            FactOf.Joint => box.Joints.Has(id),
            FactOf.Device => box.Devices.Has(id),
            _ => false,
        };

    /// <summary>True when the panel has such a thing: itself, or a breaker by its key.</summary>
    public static bool Has(Panel panel, FactOf of, string id) =>
        of switch
        {
            FactOf.Panel => id == Panel,
            FactOf.Breaker => panel.Breakers.Any(b => b.Key == id),
            _ => false,
        };

    /// <summary>The box without facts of things that are no longer in it.</summary>
    public static Box Pruned(Box box)
    {
        if (box.Noted.Count == 0)
        {
            return box;
        }

        var noted = box.Noted.Each(
            (id, of) =>
            {
                var facts = of.Facts.Each((key, fact) => FactKeys.Find(key) is { } kind && !Has(box, kind.Of, id) ? null : fact);
                return facts.Count == 0 ? null
                    : ReferenceEquals(facts, of.Facts) ? of
                    : of with { Facts = facts };
            }
        );
        return ReferenceEquals(noted, box.Noted) ? box : box with { Noted = noted };
    }
}
