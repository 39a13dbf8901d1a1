using JollyBarn.Edits;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>What several edits at once are called by what they are for.</summary>
internal static class BatchWords
{
    public static string Of(BatchFor purpose, Batch batch, Job before) =>
        purpose switch
        {
            BatchFor.AnotherBox => $"Made over: {Several(batch, before)}",
            BatchFor.DevicePutIn => DevicePutIn(batch, before),
            BatchFor.LeadsTo => LeadsTo(batch, before),
            BatchFor.BoxBonded => "The box bonded",
            BatchFor.GroundBrought => "A ground brought from the panel",
            BatchFor.BoxForSplice => "A box for the splice",
            BatchFor.BoxIntoCable => IntoCable(batch, before),
            BatchFor.CablePulledIn => "Cable pulled in",
            BatchFor.Capped => "Capped",
            BatchFor.ChangedOver => "Changed over",
            BatchFor.DeviceBonded => "The device bonded",
            BatchFor.GroundsJoined => "Grounds joined",
            BatchFor.IntoJoint => "Into the joint",
            BatchFor.Joined => "Joined",
            BatchFor.OntoDevice => "Joint opened, its leads put on the device",
            BatchFor.JoinedWithTail => "Joined, with a pigtail",
            BatchFor.JointsAside => "Joints moved to a junction box",
            BatchFor.LineAndLoad => "Line and load changed over",
            BatchFor.LoadSide => "On the load side",
            BatchFor.LongerLead => "Lead made longer",
            BatchFor.NeutralsParted => "Neutrals parted by circuit",
            BatchFor.NewJoint => "A new joint",
            BatchFor.OwnKind => "Put with its own kind",
            BatchFor.ProtectedAndMarked => "Protected and marked",
            BatchFor.PutBack => "Put back as found",
            BatchFor.RightForPlace => "Right for the place",
            BatchFor.SwitchLoop => "Switch loop put right",
            BatchFor.TwoJoints => "Two joints and a jumper",
            _ => Several(batch, before),
        };

    /// <summary>The first, and how many more.</summary>
    public static string Several(Batch batch, Job before) =>
        batch.Edits.Count == 1 ? batch.Edits[0].Tell(before) : $"{batch.Edits[0].Tell(before)}, and {batch.Edits.Count - 1} more";

    private static string IntoCable(Batch batch, Job before) =>
        batch.Edits is [AddBox box, ..] && batch.Edits.OfType<SplitRun>().FirstOrDefault() is { } split
            ? $"{box.Name}: put into {new Names(before).Run(split.Run)}"
            : Several(batch, before);

    private static string LeadsTo(Batch batch, Job before) =>
        batch.Edits is [MoveLead { To: var to } move, ..] && before.Boxes.Find(move.Box) is { } box
            ? $"{box.Name}: {batch.Edits.Count} leads to {Names.Of(box, to)}"
            : $"{batch.Edits.Count} leads moved";

    private static string DevicePutIn(Batch batch, Job before) =>
        batch.Edits.FirstOrDefault(e => e is SwapDevice or AddDevice) is { } edit ? edit.Tell(before) : batch.Edits[0].Tell(before);
}
