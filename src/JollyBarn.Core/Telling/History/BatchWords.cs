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
            BatchFor.RunDrawn => RunDrawn(batch, before),
            BatchFor.RunFollowed => batch.Edits[0].Tell(before),
            BatchFor.RunMoved or BatchFor.StopMoved => RunMoved(batch, before),
            BatchFor.SwitchLoop => "Switch loop put right",
            BatchFor.TwoJoints => "Two joints and a jumper",
            BatchFor.Way => "A way taken",
            _ => Several(batch, before),
        };

    /// <summary>The first, and how many more.</summary>
    public static string Several(Batch batch, Job before) =>
        batch.Edits.Count == 1 ? batch.Edits[0].Tell(before) : $"{batch.Edits[0].Tell(before)}, and {batch.Edits.Count - 1} more";

    private static string IntoCable(Batch batch, Job before) =>
        batch.Edits is [AddBox box, ..] && batch.Edits.OfType<SplitRun>().FirstOrDefault() is { } split
            ? $"{box.Name}: put into {new Names(before).Run(split.Run)}"
            : Several(batch, before);

    private static string RunDrawn(Batch batch, Job before)
    {
        var ends = batch.Edits.SelectMany(e => e.OfBoxes).Select(b => before.Boxes.Find(b)?.Name).OfType<string>().ToList();
        return batch.Edits.OfType<EndAtPanel>().FirstOrDefault() is { } at
                ? $"A cable drawn from {before.Panels.Find(at.Panel)?.Name} to {string.Join(" and ", ends)}"
            : ends is [var from, var to] ? $"A cable drawn from {from} to {to}"
            : Several(batch, before);
    }

    private static string RunMoved(Batch batch, Job before)
    {
        var circuit = batch.Edits.OfType<SetRun>().Select(e => e.Circuit).FirstOrDefault(c => c is not null);
        var onto = before.Circuits.Find(circuit)?.Name ?? batch.Edits.OfType<PutCircuit>().FirstOrDefault()?.Circuit.Name;
        return batch.Edits.FirstOrDefault(e => e is MoveRunEnd or ConnectRun) is { } moved ? moved.Tell(before)
            : onto is null ? Several(batch, before)
            : batch.Edits.OfType<RemoveCable>().FirstOrDefault() is { } pulled ? $"{pulled.Tell(before)}, and put on {onto}"
            : $"{batch.Edits.OfType<SetRun>().Count()} cables put on {onto}";
    }

    private static string LeadsTo(Batch batch, Job before) =>
        batch.Edits is [MoveLead { To: var to } move, ..] && before.Boxes.Find(move.Box) is { } box
            ? $"{box.Name}: {batch.Edits.Count} leads to {Names.Of(box, to)}"
            : $"{batch.Edits.Count} leads moved";

    private static string DevicePutIn(Batch batch, Job before) =>
        batch.Edits.FirstOrDefault(e => e is SwapDevice or AddDevice) is { } edit ? edit.Tell(before) : batch.Edits[0].Tell(before);
}
