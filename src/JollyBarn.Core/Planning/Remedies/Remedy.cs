using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A way to settle a verdict.</summary>
/// <param name="Kind">The remedies it is of.</param>
/// <param name="Case">Which of their ways.</param>
/// <param name="Details">Its amounts and what it is done to.</param>
/// <param name="Edit">The edits that record it; they can be previewed, done and undone.</param>
public sealed record Remedy(string Kind, string Case, Details Details, Edit Edit)
{
    public static Remedy Of<TCase>(TCase one, Edit edit, params ReadOnlySpan<(string, object?)> details)
        where TCase : struct, Enum => new(typeof(TCase).DeclaringType!.Name, CaseName<TCase>.Of(one), Details.Of(details), edit);
}

/// <summary>A remedy with what would follow from it in its box.</summary>
/// <param name="Settles">True when the verdict is gone or holds after it, and nothing that worked is worse.</param>
/// <param name="LookAgain">True for what is done by hand: the verdict waits until somebody records what they then saw.</param>
/// <param name="New">Verdicts to stop or fix that it would bring, here and in other boxes.</param>
public sealed record WeighedRemedy(Remedy Remedy, bool Settles, bool LookAgain, IReadOnlyList<Finding> New);

/// <summary>The ways to settle a verdict, those that bring nothing new first.</summary>
/// <param name="Looked">False for a verdict that asks for no remedy: one that waits for a fact, or holds.</param>
public sealed record RemedyAnswer(Finding Finding, IReadOnlyList<WeighedRemedy> Remedies, bool Looked);

/// <summary>What a remedy is worked out from.</summary>
public sealed record RemedyAsk(Job Job, Id<Box> BoxId, BoxLook Look, Finding Finding)
{
    /// <summary>Of a box as it is, where no verdict is asked about: whether it holds what is in it.</summary>
    /// <exception cref="KeyNotFoundException">There is no such box.</exception>
    public static RemedyAsk OfBox(Job job, Id<Box> id) =>
        new(job, id, new BoxLook(job, id, job.Boxes[id]), new("fill", Subjects.Box, Verdict.Better, "", Details.None, []));

    public Box Box => Look.Box;

    public string Of => Finding.Of;

    /// <inheritdoc cref="Tails.In"/>
    public Length Tail => Tails.In(Look);

    public Fact<Length> TailLength => Tails.Planned(Look);

    /// <summary>The thinnest copper the book lets on a breaker of so many amperes; null where it lets none.</summary>
    public Gauge? Thinnest(decimal amperes) =>
        new[] { 14, 12, 10, 8, 6 }
            .Select(Gauge.Awg)
            .Where(g => Look.Limits.Has($"wire.cu.{g}") && Look.Limits.Number($"wire.cu.{g}") >= amperes)
            .Select(g => (Gauge?)g)
            .FirstOrDefault();

    /// <summary>Takes back what was recorded of a fact: after the work at the wall somebody looks again.</summary>
    public Edit Again(string of, FactKey fact) => new NoteFact(BoxId, of, fact.Id);

    /// <summary>The first id of this stem that nothing in the box has.</summary>
    public string Free(string stem, int after = 0)
    {
        var n = after + 1;
        while (
            Box.Joints.Has($"{stem}-{n}")
            || Box.Pigtails.Has($"{stem}-{n}")
            || Box.Parts.Has($"{stem}-{n}")
            || Box.Leads.Has($"{stem}-{n}")
            || Box.Devices.Has($"{stem}-{n}")
        )
        {
            n++;
        }

        return $"{stem}-{n}";
    }

    /// <summary>The joint that holds most conductors of one use, none of another; null when there is none.</summary>
    public Id<Joint>? JointOf(ConductorUse use, Id<Joint>? except = null) =>
        Box
            .Joints.Ids.Where(j =>
                j != except && Look.In(j).Any(m => m.Use == use) && Look.In(j).All(m => m.Use == use || m.Use == ConductorUse.Unknown)
            )
            .OrderByDescending(j => Look.In(j).Count)
            .FirstOrNull();

    /// <summary>The joint under the smallest connector that takes what is in it and these.</summary>
    /// <param name="tails">New pigtails that come into it, as thick as its thickest.</param>
    /// <param name="gone">What leaves it.</param>
    public Edit Connect(Id<Joint> joint, IReadOnlyList<Id<Lead>> more, int tails = 0, IReadOnlyList<Id<Lead>>? gone = null)
    {
        List<Id<Lead>> inside = [.. Look.In(joint).Select(m => m.Id).Where(m => gone?.Contains(m) != true), .. more];
        return new SetJoint(BoxId, joint, Connector(inside, tails), Box.Joints[joint].Name, Box.Joints[joint].Space);
    }

    /// <summary>What the house joins these with.</summary>
    /// <param name="tails">New pigtails that come to them, as thick as the thickest.</param>
    public string Connector(IReadOnlyList<Id<Lead>> leads, int tails = 0)
    {
        List<Gauge?> gauges = [.. leads.Select(l => Box.Leads.Find(l)?.Gauge ?? Box.Pigtails.Find(l)?.Gauge)];
        return Connectors.For([.. gauges, .. Enumerable.Repeat(gauges.Max(), tails)], Job.Practice);
    }

    public static Landing In(Id<Joint> joint) => new(LandingAt.Joint, joint);

    public static Landing At(Id<Device> device, string place) => new(LandingAt.Terminal, null, device, place);
}

/// <summary>The remedies of one rule. A new one is a file and a name in <see cref="RemedyList"/>.</summary>
public interface IRemedies
{
    /// <summary>Ids of the rules whose verdicts it settles.</summary>
    public IReadOnlyList<string> Rules { get; }

    public IEnumerable<Remedy> For(RemedyAsk ask);
}
