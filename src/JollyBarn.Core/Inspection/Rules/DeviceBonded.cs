using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A device with a ground terminal or a ground lead of its own is bonded: by a conductor that reaches the panel's ground, or by
/// the bonded metal box it is screwed to.</summary>
/// <remarks>NEC 250.146: a self-grounding yoke, or metal to metal on a surface box. 404.9(B): a switch by metal screws to a bonded metal
/// box. 410.42: the ground lead of a luminaire is never loose. Where no ground is in the box at all, other rules speak.</remarks>
public sealed class DeviceBonded() : BoxRule("device-bonded")
{
    public enum Case
    {
        Bonded,
        Tested,
        ByBox,
        AskWhere,
        AskFollow,
        AskYoke,
        AskScrews,
        NotBonded,
        LeadLoose,
        DeadGround,
        NoExposedMetal,
        AskMetal,
        NoGround,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!Grounds.Here(look))
        {
            foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Hung == HungAs.Luminaire || d.Kind.Hung == HungAs.Fan))
            {
                if (look.AllFollowed && kind.Points().Any(p => p.Role == TerminalRole.Ground))
                {
                    yield return WithoutGround(look, id, kind).Under("device-bonded.canopy");
                }
            }

            yield break;
        }

        foreach (var (id, _, kind) in look.Devices)
        {
            if (kind.Points().FirstOrNull(p => p.Role == TerminalRole.Ground) is var (name, _) && Judge(look, id, kind, name) is { } found)
            {
                yield return found.Article is null && kind.Canopy ? found.Under("device-bonded.canopy") : found;
            }
        }
    }

    /// <summary>A luminaire where no ground is: without metal one can touch, or behind ground-fault protection, 410.44
    /// exceptions.</summary>
    private Finding WithoutGround(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        (string, object?) device = ("device", Thing.Device(id));
        var hot = kind.Points().First(p => p.Role is not TerminalRole.Ground && !p.Role.IsNeutral()).Name;
        return look.Read(DeviceFacts.ExposedMetal, id) switch
        {
            false => Fine(id, Case.NoExposedMetal, device),
            _ when Watched(look, id, kind, hot) => Fine(id, Case.NoExposedMetal, device),
            null => Ask(id, Case.AskMetal, [DeviceFacts.ExposedMetal], device),
            _ => Fix(id, Case.NoGround, device),
        };
    }

    /// <summary>True where one protective device watches its hot and its neutral.</summary>
    private static bool Watched(BoxLook look, Id<Device> id, DeviceKind kind, string hot) =>
        kind.Points().FirstOrNull(p => p.Role.IsNeutral()) is var (neutral, _)
        && look.Sources.At(id, kind, neutral).Behind is var back
        && look.Sources.At(id, kind, hot).Behind.Any(back.Contains);

    private Finding Judge(BoxLook look, Id<Device> id, DeviceKind kind, string name)
    {
        (string, object?) device = ("device", Thing.Device(id));
        var ends = look.Sources.On(id, kind, name).Where(e => Grounds.Attached(look, e, id)).ToList();
        if (ends.Count > 0)
        {
            // What lies on the ground screw is judged by where it goes, whatever the yoke touches.
            var wire = look.Sources.At(id, kind, name);
            return look.Sources.Grounded(wire) switch
            {
                Grounding.Followed => Fine(id, Case.Bonded, device),
                Grounding.Tested => Fine(id, Case.Tested, device, ("cables", Grounds.Open(wire))),
                Grounding.CannotTell when Grounds.Open(wire) is { Length: > 0 } open => AskOf(
                    id,
                    Case.AskFollow,
                    look.Sources.Deciding(wire),
                    device,
                    ("cables", open)
                ),
                Grounding.CannotTell => AskOf(id, Case.AskWhere, [], device),
                _ => Fix(id, Case.DeadGround, device, ("boxes", Grounds.Stops(look, wire))),
            };
        }

        var unseen = !look.Complete || look.Ended.Any(l => l.Lead is { IsGround: true, Lands.At: LandingAt.Unknown });
        var metal = look.Wires.Metal;
        var boxed = look.Box.Material == BoxMaterial.Nonmetallic || kind.Canopy ? Grounding.No : look.Sources.Grounded(metal);
        var bonded = boxed is Grounding.Followed or Grounding.Tested;
        return ByBox(look, id, kind) switch
        {
            true when bonded => Fine(id, Case.ByBox, device),
            _ when unseen => AskOf(id, Case.AskWhere, [], device),
            _ when kind.Canopy => Fix(id, Case.LeadLoose, device),
            true when boxed == Grounding.CannotTell => AskOf(
                id,
                Case.AskFollow,
                look.Sources.Deciding(metal),
                device,
                ("cables", Grounds.Open(metal))
            ),
            null when (bonded || boxed == Grounding.CannotTell) && kind.OnlySwitches => Ask(
                id,
                Case.AskScrews,
                [DeviceFacts.Screws],
                device
            ),
            null when bonded || boxed == Grounding.CannotTell => Ask(id, Case.AskYoke, [DeviceFacts.SelfGround], device),
            _ => Fix(id, Case.NotBonded, device),
        };
    }

    /// <summary>Whether the bonded box bonds it: a switch by its metal screws, what has slots only by a yoke made for it.</summary>
    private static bool? ByBox(BoxLook look, Id<Device> id, DeviceKind kind) =>
        look.Read(DeviceFacts.SelfGround, id) == true ? true
        : kind.OnlySwitches
            ? look.Read(DeviceFacts.Screws, id) is { } screws ? screws == YokeScrews.Machine
                : null
        : look.Read(DeviceFacts.SelfGround, id);
}
