using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>What the program puts several edits together for.</summary>
public enum BatchFor
{
    AnotherBox,
    BoxBonded,
    BoxForSplice,
    BoxIntoCable,
    CablePulledIn,
    Capped,
    ChangedOver,
    DeviceBonded,
    DevicePutIn,
    GroundBrought,
    GroundsJoined,
    IntoJoint,
    Joined,
    JoinedWithTail,
    JointsAside,
    LeadsTo,
    LineAndLoad,
    LoadSide,
    LongerLead,
    NeutralsParted,
    NewJoint,
    OntoDevice,
    OwnKind,
    ProtectedAndMarked,
    PutBack,
    RightForPlace,
    RunDrawn,
    RunFollowed,
    RunMoved,
    StopMoved,
    SwitchLoop,
    TwoJoints,
    Way,
}

/// <summary>Several edits that are done at once or not at all.</summary>
/// <param name="Name">What the one who made it calls it.</param>
/// <param name="For">What it is for, where the program made it.</param>
public sealed record Batch(IReadOnlyList<Edit> Edits, string? Name = null, BatchFor? For = null) : Edit
{
    private const int Most = 2000;

    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => Edits.SelectMany(e => e.OfBoxes);

    [JsonIgnore]
    public override IEnumerable<(string Field, Edit Edit)> Inner => Edits.Select((e, i) => ($"edits[{i}]", e));

    public override bool PutsOver(Job job) => Edits.Any(e => e?.PutsOver(job) == true);

    public override Edit Arrived(string at) => this with { Edits = [.. Edits.Select(e => e?.Arrived(at)!)] };

    public override Refusal? Check(Job job)
    {
        if (Edits.Count is 0 or > Most)
        {
            return new(Why.BatchSize, "edits", ("most", Most));
        }

        if (Edits.OfType<LogReading>().Count(r => r.Reading?.Proof is not null) > 1)
        {
            return new(Why.ReadingsAlone, "edits");
        }

        for (var i = 0; i < Edits.Count; i++)
        {
            if (Edits[i] is null or Batch)
            {
                return new(Why.BatchInBatch, $"edits[{i}]");
            }

            if (Edits[i].Check(job) is { } refusal)
            {
                return refusal with { Field = $"edits[{i}]{(refusal.Field is null ? "" : "." + refusal.Field)}" };
            }

            job = Edits[i].Apply(job);
        }

        return null;
    }

    public override Job Apply(Job job) => Edits.Aggregate(job, (j, e) => e.Apply(j));
}
