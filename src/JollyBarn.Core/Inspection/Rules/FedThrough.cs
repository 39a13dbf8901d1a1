using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What feeds on from a box does not hang on a device, where the house wants it so.</summary>
/// <remarks>Practice: receptacles are listed to carry the circuit on their screws, and many houses join and pigtail all the same. The
/// shared neutral of a multiwire circuit is judged by 300.13(B).</remarks>
public sealed class FedThrough() : BoxRule("fed-through")
{
    public enum Case
    {
        Hangs,
        Listed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from device in look.Devices
        where device.Kind is { Protects: false, Switches: false } && Several(look, device.Id)
        let behind = Continuity.CutOffWithout(Feeding(look), look.Box, device.Id)
        where behind.Count > 0
        select Say(look, device.Id, behind);

    /// <summary>Ends of cables on one side of a device that go through it.</summary>
    public static IReadOnlyList<Id<Lead>> On(BoxLook look, Id<Device> device, ConductorUse use) =>
        [.. look.On(device).Where(e => e.Use == use && look.Box.Leads.Find(e.Id)?.Run is not null).Select(e => e.Id)];

    /// <summary>Leads that come from a panel by the wiring; by the marks of their cables where none is followed there.</summary>
    private static IReadOnlySet<Id<Lead>> Feeding(BoxLook look)
    {
        var followed = look
            .Ended.Where(l => !l.Lead.IsGround && look.Comings.By(l.Lead) is var by && (by.Hot || by.Neutral))
            .Select(l => l.Id)
            .ToHashSet();
        return followed.Count > 0 ? followed : look.Feeding;
    }

    private static bool Several(BoxLook look, Id<Device> device) =>
        On(look, device, ConductorUse.Hot).Count > 1 || On(look, device, ConductorUse.Neutral).Count > 1;

    private Finding Say(BoxLook look, Id<Device> id, IReadOnlyList<Id<Run>> on)
    {
        (string, object?)[] details = [("device", Thing.Device(id)), ("cables", on.Select(r => new Thing(ThingKind.RunHere, r)).ToArray())];
        return (look.Practice.Says(PracticeBook.AtDevice, "through") ? Fine(id, Case.Listed, details) : Better(id, Case.Hangs, details)).By(
            PracticeBook.AtDevice
        );
    }
}
