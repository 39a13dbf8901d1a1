using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>What of a box one can complain of.</summary>
public static class LookTeller
{
    /// <summary>Outlets and lamps, what opens by itself and feeds it, metal one can touch, warmth; then what instruments read
    /// there.</summary>
    public static IReadOnlyList<ToldLook> At(Job job, Id<Box> box)
    {
        var scene = Scene.Of(job, [box]);
        var outside = Trials.Outside(scene, Means.Usual).Select(t => t.Asked).Where(a => a.Setup == Setup.AsItIs).ToList();
        var here = outside.Where(a => a.Look.Kind != LookKind.Guard && Places.Of(job, a.Look).Contains(box)).ToList();
        return
        [
            .. here.Where(a => a.Look.Kind == LookKind.Outlet)
                .Concat(outside.Where(a => a.Look.Kind == LookKind.Guard))
                .Concat(Metal(scene, box).Select(p => new AskedLook(Setup.AsItIs, new(LookKind.Touch, p))))
                .Append(new(Setup.AsItIs, new(LookKind.Warmth, box)))
                .Concat(here.Where(a => a.Look.Kind is not (LookKind.Outlet or LookKind.Warmth)))
                .Select(a => ToldLook.Of(job, a)),
        ];
    }

    private static IEnumerable<string> Metal(Scene scene, Id<Box> id)
    {
        var box = scene.Job.Boxes[id];
        return Signature
            .Touchable(id, box)
            .Concat(
                box.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Receptacle == true)
                    .Select(d => Points.Face(id, d.Key, "upperground"))
            )
            .Where(scene.Recorded.Has)
            .Distinct();
    }
}
