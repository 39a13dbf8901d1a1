using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit that a room is given for itself feeds nothing else.</summary>
/// <remarks>NEC 210.11(C), 210.52(B). Small exceptions stand with <see cref="PurposeBook"/>.</remarks>
public sealed class PurposeKept() : CircuitRule("purpose")
{
    private static readonly HashSet<RoomUse> Given =
    [
        .. PurposeBook.All.Where(p => p.Own).SelectMany(p => p.Uses).Where(u => u is not RoomUse.Outdoors),
    ];

    public enum Case
    {
        AskPurpose,
        Common,
        AnotherRoom,
        NoReceptacle,
        AskRoom,
        Belongs,
        FixedLoad,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Outlets.Count == 0)
        {
            yield break;
        }

        if (look.Read(SupplyFacts.Purpose) is not { } what)
        {
            if (look.Outlets.Any(o => o.Receptacle && o.Box.Use is { } use && Given.Contains(use)))
            {
                yield return Ask(Subjects.Circuit, Case.AskPurpose, [SupplyFacts.Purpose], ("circuit", look.Thing));
            }

            yield break;
        }

        var purpose = PurposeBook.Find(what);
        if (!purpose.Own)
        {
            yield return Fine(Subjects.Circuit, Case.Common, ("circuit", look.Thing), ("purpose", what));
            yield break;
        }

        var rooms = look.Outlets.Select(o => o.Box.Box.Place).Distinct().ToList();
        var together = purpose.OneRoom && rooms is [not null];
        foreach (var outlet in look.Outlets)
        {
            yield return Judge(look, outlet, purpose, together).Under(ArticleBook.OfPurpose(what)) with
            {
                Box = outlet.Box.Id,
            };
        }

        foreach (var load in look.Draws.Where(d => d is not CircuitOutlet && !together))
        {
            yield return Fix(load.Of, Case.FixedLoad, ("load", load.Thing), ("circuit", look.Thing), ("purpose", what))
                .Under(ArticleBook.OfPurpose(what)) with
            {
                Box = load.At,
            };
        }
    }

    private Finding Judge(CircuitLook look, CircuitOutlet outlet, CircuitPurpose purpose, bool together)
    {
        (string, object?)[] details = [("outlet", outlet.Thing), ("circuit", look.Thing), ("purpose", purpose.Id)];
        return outlet.Box.Use switch
        {
            { } use when !purpose.Uses.Contains(use) => Fix(outlet.Of, Case.AnotherRoom, details),
            _ when !outlet.Receptacle && !together => Fix(outlet.Of, Case.NoReceptacle, details),
            null => AskOf(outlet.Of, Case.AskRoom, [new(Subjects.Box, WallFacts.Use, outlet.Box.Id)], details),
            _ => Fine(outlet.Of, Case.Belongs, details),
        };
    }
}
