using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A fault hidden for practice, and what it is noticed by.</summary>
public sealed record HiddenFault(Suspect Fault, AskedLook Noticed, Sight Shows)
{
    private const int Tries = 60;

    /// <summary>The fault of a number: the same job and number give the same, one that somebody notices, as likely as the program takes it
    /// to be. Null for a job where nothing goes wrong that anybody would notice.</summary>
    public static HiddenFault? Of(Job job, int number) => In(Scene.Apart(job, []), number);

    /// <summary>The same in some scenes of a job.</summary>
    public static HiddenFault? In(IReadOnlyList<Scene> among, int number)
    {
        ArgumentNullException.ThrowIfNull(among);
        var random = new Random(number);
        var scenes = among.Select(s => (Scene: s, Faults: Faults(s))).Where(s => s.Faults.Count > 0).ToList();
        for (var n = 0; n < Tries && scenes.Count > 0; n++)
        {
            var (scene, faults) = scenes[random.Next(scenes.Count)];
            var fault = Drawn(faults, random);
            if (First(scene, Means.Usual, fault) is { } noticed)
            {
                return new(fault, noticed, Predicting.Of(scene, fault, [noticed])[0].Likeliest);
            }
        }

        return null;
    }

    /// <summary>What somebody who lives there would notice first: what trips, an outlet that does not work as it did; null for what nobody
    /// notices.</summary>
    public static AskedLook? First(Scene scene, Means means, Suspect fault)
    {
        var asked = Trials
            .Of(scene, means)
            .Select(t => t.Asked)
            .Where(a => a.Setup == new Setup(Thrown: a.Setup.Thrown) && a.Look.Kind is LookKind.Guard or LookKind.Outlet)
            .OrderBy(a => a.Look.Kind == LookKind.Guard ? 0 : 1)
            .ToList();
        var (sound, spoilt) = (Predicting.Of(scene, Suspect.Sound, asked), Predicting.Of(scene, fault, asked));
        return asked.Where((_, i) => !sound[i].Same(spoilt[i])).FirstOrDefault();
    }

    /// <summary>One of some faults, as likely as each is before anything was observed.</summary>
    public static Suspect Drawn(IReadOnlyList<Suspect> faults, Random random)
    {
        ArgumentNullException.ThrowIfNull(faults);
        ArgumentNullException.ThrowIfNull(random);
        var at = random.NextDouble() * faults.Sum(f => f.Prior);
        return faults.FirstOrDefault(f => (at -= f.Prior) <= 0) ?? faults[^1];
    }

    /// <summary>Every single fault on offer in a scene.</summary>
    public static IReadOnlyList<Suspect> Faults(Scene scene) =>
        [.. Suspects.Singles(scene, new HashSet<Id<Box>>()).Where(s => s.Kind == SuspectKind.Fault)];
}
