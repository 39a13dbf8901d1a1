namespace JollyBarn.Inspection.Rules;

/// <summary>The rating of a receptacle suits its circuit.</summary>
/// <remarks>NEC 210.21(B): two or more on 15 A are 15; on 20 A 15 or 20; on 30 A 30; a single one on its own circuit is not under it. A duplex counts as two.</remarks>
public sealed class ReceptacleRating() : BoxRule("rating", "Receptacle rating", "A 20 A slot on a 15 A circuit invites what the circuit cannot carry.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Receptacles)
        {
            if (look.Number(id, "rating") is not { } rating)
            {
                continue;
            }

            var breakers = look.On(id).SelectMany(e => look.CircuitsOf(e.Id)).Distinct().Select(c => look.BreakerOf(c)?.Amperes).OfType<decimal>().Distinct().ToList();
            if (breakers is not [var breaker])
            {
                continue;
            }

            var single = kind.Id is "receptacle-single" or "receptacle-own-enclosure" or "range-receptacle";
            var good = single ? rating >= breaker || (breaker == 20 && rating == 15) : breaker switch { 15 => rating == 15, 20 => rating is 15 or 20, 30 => rating == 30, _ => rating >= breaker };
            yield return good ? Fine(id, $"{rating:0} A on a {breaker:0} A circuit.", "210.21(B)") : Fix(id, $"A {rating:0} A receptacle on a {breaker:0} A circuit.", "210.21(B)");
        }
    }
}
