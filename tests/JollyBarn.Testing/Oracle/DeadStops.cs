using JollyBarn.Connection.Sheet;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>What is dead by the solved network, in every position of the switches.</summary>
public static class DeadStops
{
    /// <summary>Whether each stop of a rail is dead however the switches lie.</summary>
    /// <param name="off">Breakers that are off, as <c>panel/7</c>; all others are on.</param>
    public static Dictionary<string, bool> Of(Job job, Rail rail, params string[] off)
    {
        var breakers = Signature.AllOn(job).ToDictionary();
        foreach (var key in off)
        {
            breakers[key] = false;
        }

        var dead = rail.Stops.ToDictionary(s => s.Key, _ => true);
        foreach (var live in Positions.Of(job, breakers))
        {
            foreach (var stop in rail.Stops)
            {
                dead[stop.Key] &= live.Volts(stop.Point!).Magnitude < 60;
            }
        }

        return dead;
    }

    /// <summary>Keys of a stop and of all that comes from it.</summary>
    public static IEnumerable<string> Behind(Rail rail, SheetStop stop) =>
        rail.Stops.Where(s => s.From == stop.Key).SelectMany(s => Behind(rail, s)).Prepend(stop.Key);
}
