using JollyBarn.Edits;
using JollyBarn.Planning;

namespace JollyBarn.Telling;

/// <summary>Something a hand does to several parts in one go, in words, with its edit.</summary>
public sealed record ToldGesture(string Says, Edit Edit)
{
    public static ToldGesture Tell(GestureWay way) =>
        new(
            way.Gesture switch
            {
                Gesture.PigtailThese => $"Pigtail these {way.Count}: one tail of {way.Tail} in their place",
                Gesture.OntoDevice => $"Back onto the device: {way.Count} leads, a screw each",
                Gesture.MakeReach when way.Count == 1 => $"Make it reach: a piece of {way.Tail} joined on",
                Gesture.MakeReach => $"Make these {way.Count} reach: a piece of {way.Tail} joined onto each",
                _ => "Move the joints to a junction box beside it",
            },
            way.Edit
        );
}
