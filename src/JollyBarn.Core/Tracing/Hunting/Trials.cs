using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>Every test that can be made in a scene with what somebody has. Minutes are <em>practice</em>.</summary>
public static class Trials
{
    public static IReadOnlyList<Trial> Of(Scene scene, Means means)
    {
        ArgumentNullException.ThrowIfNull(scene);
        ArgumentNullException.ThrowIfNull(means);
        return
        [
            .. scene
                .Boxes.SelectMany(b => Outlets(scene, means, b).Concat(Closed(scene, means, b)))
                .Concat(scene.Boxes.SelectMany(b => Thrown(scene, means, b)))
                .Concat(Guards(scene))
                .Concat(means.Opens ? scene.Boxes.SelectMany(b => Opened(scene, means, b)) : [])
                .DistinctBy(t => t.Key),
        ];
    }

    /// <summary>Those that open nothing and take nothing off: what a finished job is proved by.</summary>
    public static IReadOnlyList<Trial> Outside(Scene scene, Means means) => Of(scene, means with { Opens = false });

    private static IEnumerable<Trial> Outlets(Scene scene, Means means, Id<Box> id)
    {
        foreach (var (device, kind) in scene.Job.Boxes[id].Devices.Select(d => (d.Key, DeviceKinds.Find(d.Value.Kind))))
        {
            foreach (var slots in kind?.Inside.OfType<Slots>() ?? [])
            {
                foreach (var trial in Slot(scene, means, s => Points.Face(id, device, slots.Half + s)))
                {
                    yield return trial;
                }
            }

            foreach (var draws in kind?.Inside.OfType<Draws>() ?? [])
            {
                string At(string name) =>
                    kind!.Leads.Any(l => l.Id == name) ? Points.Own(id, $"{device}.{name}") : Points.Terminal(id, device, name);
                yield return Plain(TrialCase.TryOutlet, new(LookKind.Outlet, At(draws.Hot), At(draws.Neutral)), 1);
            }

            if (kind?.Protects == true)
            {
                yield return Plain(TrialCase.OwnButton, new(LookKind.OwnButton, GuardKey.Device(id, device).ToString()), 1.5);
            }
        }
    }

    private static IEnumerable<Trial> Slot(Scene scene, Means means, Func<string, string> at)
    {
        var (hot, neutral, ground) = (at("hot"), at("neutral"), at("ground"));
        if (!scene.Recorded.Has(hot) || !scene.Recorded.Has(neutral))
        {
            yield break;
        }

        yield return Plain(TrialCase.TryOutlet, new(LookKind.Outlet, hot, neutral), 2);
        var grounded = scene.Recorded.Has(ground);
        if (means.Has("plug-in"))
        {
            yield return Plain(TrialCase.PlugInTester, new(LookKind.Lamps, hot), 2);
            if (grounded)
            {
                yield return Plain(TrialCase.TesterButton, new(LookKind.Instrument, hot, ground, "plug-in"), 2.5);
            }
        }

        if (Volts(means) is not { } volts)
        {
            yield break;
        }

        (string, string)[] pairs = grounded ? [(hot, neutral), (hot, ground), (neutral, ground)] : [(hot, neutral)];
        foreach (var (from, to) in pairs)
        {
            yield return Read(TrialCase.Read, new(LookKind.Instrument, from, to, volts), 2);
        }

        foreach (var bar in scene.Job.Panels.Ids.Select(Points.GroundBar).Where(scene.Recorded.Has).Take(1))
        {
            foreach (var slot in grounded ? new[] { hot, neutral, ground } : [hot, neutral])
            {
                yield return Read(TrialCase.ReadToKnownGround, new(LookKind.Instrument, slot, bar, volts), 4);
            }
        }

        if (means.Has("continuity") && grounded)
        {
            var off = new Setup(Off: Breakers(scene));
            yield return new(TrialCase.DeadLoop, new(off, new(LookKind.Instrument, neutral, ground, "continuity")), 4, [], false);
            yield return new(TrialCase.DeadLoop, new(off, new(LookKind.Instrument, hot, ground, "continuity")), 4, [], false);
        }
    }

    private static IEnumerable<Trial> Closed(Scene scene, Means means, Id<Box> id)
    {
        var draws = scene.Boxes.SelectMany(b => Receptacles(scene, b)).LastOrDefault();
        yield return new(TrialCase.FeelWarmth, new(new(Drawing: draws), new(LookKind.Warmth, id)), 6, [], false);
        if (Volts(means) is { } volts && scene.Recorded.Has(Points.Metal(id)))
        {
            foreach (var bar in scene.Job.Panels.Ids.Select(Points.GroundBar).Where(scene.Recorded.Has).Take(1))
            {
                yield return Read(TrialCase.ReadToKnownGround, new(LookKind.Instrument, Points.Metal(id), bar, volts), 4);
            }
        }
    }

    /// <summary>Each switch thrown, and what is lit otherwise then, as recorded.</summary>
    private static IEnumerable<Trial> Thrown(Scene scene, Means means, Id<Box> id)
    {
        foreach (var lever in Lever.In(id, scene.Job.Boxes[id]))
        {
            var thrown = new Setup(Thrown: [lever.Key]);
            var looks = scene
                .Boxes.SelectMany(b => Outlets(scene, means, b))
                .Where(t => t.Asked.Look.Kind == LookKind.Outlet)
                .Select(t => (t.Asked, Then: new AskedLook(thrown, t.Asked.Look)));
            foreach (var (_, then) in looks.Where(l => !Sound(scene, l.Asked).Same(Sound(scene, l.Then))))
            {
                yield return new(TrialCase.ThrowSwitch, then, 1.5, [], false);
            }
        }
    }

    private static Prediction Sound(Scene scene, AskedLook asked) => Predicting.Of(scene, Suspect.Sound, [asked])[0];

    /// <summary>What opens by itself, switched on or reset: as it is, with everything unplugged, with each receptacle drawing.</summary>
    private static IEnumerable<Trial> Guards(Scene scene)
    {
        foreach (var guard in In(scene))
        {
            var look = new Look(LookKind.Guard, guard);
            yield return Plain(TrialCase.SwitchOn, look, 1.5);
            yield return new(TrialCase.Unplug, new(new(Unplugged: true), look), 4, [], false);
        }
    }

    private static IEnumerable<Trial> Opened(Scene scene, Means means, Id<Box> id)
    {
        var box = scene.Job.Boxes[id];
        var off = new Setup(Off: Breakers(scene));
        yield return new(TrialCase.LookInside, new(off, new(LookKind.Inside, id)), 8, [id], false);
        yield return new(TrialCase.Tug, new(off, new(LookKind.Tug, id)), 5, [id], false);
        foreach (
            var (run, side) in box
                .Leads.Values.Where(l => l is { Run: not null, LeavesBy: null })
                .Select(l => (l.Run!.Value, l.Side))
                .Distinct()
        )
        {
            var apart = new Setup(Apart: [Subjects.CableEnd(run, side)]);
            foreach (var guard in In(scene))
            {
                yield return new(TrialCase.LiftPair, new(apart, new(LookKind.Guard, guard)), 10, [id], false);
            }

            foreach (var trial in Free(scene, means, run, side))
            {
                yield return trial;
            }
        }

        foreach (var (device, _) in box.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Protects == true))
        {
            var swapped = new Setup(Swapped: [$"{id}/{device}"]);
            yield return new(
                TrialCase.SwapDevice,
                new(swapped, new(LookKind.Guard, GuardKey.Device(id, device).ToString())),
                15,
                [id],
                false
            );
        }
    }

    /// <summary>What is tested of a cable with both its ends free.</summary>
    private static IEnumerable<Trial> Free(Scene scene, Means means, Id<Run> run, RunSide side)
    {
        var cable = scene.Job.Runs[run];
        var free = new Setup([Subjects.CableEnd(run, RunSide.A), Subjects.CableEnd(run, RunSide.B)], Breakers(scene), true);
        Id<Box>[] opened = [.. cable.Boxes.Where(scene.Job.Boxes.Has).Distinct()];
        if (means.Has(Means.Megohm) && Insulated(run, side, cable) is { } pair)
        {
            yield return new(TrialCase.Insulation, new(free, new(LookKind.Insulation, pair.Hot, pair.Ground)), 25, opened, false);
        }

        // From end to end, once for a cable, and from box to box: a panel is not opened for it.
        if (side == RunSide.A && opened.Length == 2 && means.Has("continuity"))
        {
            for (var i = 0; i < cable.Conductors.Count; i++)
            {
                var look = new Look(LookKind.Instrument, Points.End(run, RunSide.A, i), Points.End(run, RunSide.B, i), "continuity");
                yield return new(TrialCase.RingOut, new(free, look), 15, opened, false);
            }
        }
    }

    private static (string Hot, string Ground)? Insulated(Id<Run> run, RunSide side, Run cable) =>
        cable.Conductors.Select((c, i) => (c, i)).FirstOrNull(c => c.c.Use == ConductorUse.Hot) is { } hot
        && cable.Ground is GroundKind.Bare or GroundKind.Insulated
            ? (Points.End(run, side, hot.i), Points.End(run, side, cable.Conductors.Count))
            : null;

    /// <summary>Breakers and devices that can open in the scene, by their keys: of breakers those that feed its boxes.</summary>
    public static IReadOnlyList<string> In(Scene scene)
    {
        ArgumentNullException.ThrowIfNull(scene);
        var feed = Breakers(scene).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. scene
                .Recorded.Plan.Guards.Where(g => g.Key.Kind == GuardKind.Device || feed.Contains($"{g.Key.In}/{g.Key.Of}"))
                .Select(g => g.Key.ToString())
                .Distinct(),
        ];
    }

    /// <summary>Breakers of the circuits of the scene, as <c>panel/7</c>.</summary>
    public static IReadOnlyList<string> Breakers(Scene scene)
    {
        ArgumentNullException.ThrowIfNull(scene);
        var circuits = scene.Job.Runs.Values.Select(r => r.Circuit).OfType<Id<Circuit>>().ToHashSet();
        return
        [
            .. scene
                .Job.Panels.SelectMany(p =>
                    p.Value.Breakers.Where(b => b.Circuit is { } of && circuits.Contains(of)).Select(b => BreakerKey.Of(p.Key, b))
                )
                .Order(StringComparer.Ordinal),
        ];
    }

    private static IEnumerable<string> Receptacles(Scene scene, Id<Box> id) =>
        scene.Job.Boxes[id].Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Receptacle == true).Select(d => $"{id}/{d.Key}");

    private static string? Volts(Means means) => new[] { "two-pole", "low-impedance", "meter" }.FirstOrDefault(means.Has);

    private static Trial Plain(TrialCase trial, Look look, double minutes) => new(trial, new(Setup.AsItIs, look), minutes, [], false);

    private static Trial Read(TrialCase trial, Look look, double minutes) => new(trial, new(Setup.AsItIs, look), minutes, [], true);
}
