using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>Push-in holes are not used where a screw is there.</summary>
/// <remarks>Practice; the house chooses. Legal for 14 AWG solid copper.</remarks>
public sealed class PushInUsed() : BoxRule("push-in", "Push-in holes", "A spring holds what a screw would clamp; they fail early.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Practice.Says(PracticeBook.PushIn, "warn"))
        {
            yield break;
        }

        foreach (var (id, _, kind) in look.Devices)
        {
            foreach (var end in look.On(id).Where(e => DeviceKinds.Spot(kind.Id, e.At.Place)?.Place.Kind == LandingKind.PushIn))
            {
                yield return Better(end.Id, $"{Sentence.Start(look.Called(end.Id))} is in a push-in hole of the {look.DeviceName(id)}.", "practice", end.Id, id) with { Practice = PracticeBook.PushIn.Key };
            }
        }
    }
}
