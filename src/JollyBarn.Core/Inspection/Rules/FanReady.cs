using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>From 2020 on a box overhead in a room people live in holds a fan, or framing to hang one from is within reach.</summary>
/// <remarks>NEC 314.27(C), 2020. What stands as built is lawful until it is changed.</remarks>
public sealed class FanReady() : BoxRule("fan-ready")
{
    public enum Case
    {
        Ready,
        Ask,
        AskListed,
        AskBuilt,
        NotReady,
        StandsAsBuilt,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var asked =
            look.Edition >= Edition.Nec2020
            && look.Box.Shape is BoxShape.Round or BoxShape.Pan
            && look.Use is RoomUse.Bedroom or RoomUse.Living or RoomUse.Dining
            && look.Devices.Any(d => d.Kind.Hung == HungAs.Luminaire);
        if (asked)
        {
            yield return Judged(look);
        }
    }

    private Finding Judged(BoxLook look)
    {
        const string box = Subjects.Box;
        var listed = ForFans(look);
        if (listed == true)
        {
            return Fine(box, Case.Ready);
        }

        return look.Read(BoxFacts.FanPlace) switch
        {
            null => Ask(box, Case.Ask, [BoxFacts.FanPlace]),
            FanPlace.NoFraming when listed is null => Ask(box, Case.AskListed, [BoxFacts.FanListed]),
            FanPlace.NoFraming => look.Read(WallFacts.AsBuilt) switch
            {
                null => Ask(box, Case.AskBuilt, [WallFacts.AsBuilt]),
                true => Better(box, Case.StandsAsBuilt),
                false => Fix(box, Case.NotReady),
            },
            _ => Fine(box, Case.Ready),
        };
    }

    /// <summary>Whether the box is one for fans, by its kind or its mark; null where nobody looked.</summary>
    internal static bool? ForFans(BoxLook look) => look.Kind?.Fan == true ? true : look.Read(BoxFacts.FanListed);
}
