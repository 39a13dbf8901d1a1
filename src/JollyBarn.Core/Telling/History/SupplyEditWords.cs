using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of what feeds the job, and of what is read and proved at it.</summary>
internal sealed class SupplyEditWords : EditWords
{
    public SupplyEditWords()
    {
        Says<PutSource>((e, _) => $"Source {e.Source.Name}");
        Says<RemoveSource>((e, job) => $"Source {job.Sources.Find(e.Id)?.Name} removed");
        Says<PutPanel>((e, _) => $"Panel {e.Panel.Name}");
        Says<RemovePanel>((e, job) => $"Panel {job.Panels.Find(e.Id)?.Name} removed");
        Says<PutCircuit>((e, _) => $"Circuit {e.Circuit.Name}");
        Says<RemoveCircuit>((e, job) => $"Circuit {job.Circuits.Find(e.Id)?.Name} removed");
        Says<NotePanel>(
            (e, job) =>
                $"{job.Panels.Find(e.Panel)?.Name}{(e.Of == Subjects.Panel ? "" : $", breaker {e.Of}")}: {AnswerWords.Of(e.Key, e.Fact)}"
        );
        Says<NoteCircuit>((e, job) => $"{job.Circuits.Find(e.Circuit)?.Name}: {AnswerWords.Of(e.Key, e.Fact)}");
        Says<SwitchBreaker>((e, _) => $"Breaker {e.Where} {Switched(e)}");
        Says<BeginProof>(
            (e, job) => $"{job.Boxes.Find(e.Box)?.Name}: {e.By} begins to prove it dead, {InstrumentKinds.Find(e.Instrument)?.Name}"
        );
        Says<LogReading>((e, job) => Reading(e.Reading, job));
        Says<LogSighting>((e, job) => Sighting(e.Sighting, job));
        Says<ForgetMinutes>((e, _) => $"Minutes forgotten: {WayBook.Operations.FirstOrDefault(o => o.Key == e.Op)?.Name ?? e.Op}");
        Says<LogMinutes>(
            (e, _) => $"{e.Timed.Minutes:0.#} min: {Operation(e.Timed.Op)}{(e.Timed.Count == 1 ? "" : $", {e.Timed.Count:0.#} of them")}"
        );
        Says<StrikeMinutes>((_, _) => "Minutes struck");
        Says<LeaveInterim>((e, _) => $"Left energised, not finished: {e.Interim.Says}");
        Says<EndInterim>((e, job) => $"Finished: {job.Interims.Find(e.Id)?.Says}");
        Says<PutStock>((e, _) => e.Lines.Count == 1 ? $"Stock of {Part(e.Lines.First().Key)}" : $"Stock of {e.Lines.Count} parts");
        Says<PutAppliance>((e, job) => Appliance(e.Appliance, job));
        Says<RemoveAppliance>((e, job) => $"{job.Appliances.Find(e.Id)?.Name} taken off the list");
        Says<StrikeSighting>((_, _) => "a look at a box taken back");
        Says<StrikeReading>((e, job) => $"reading struck: {job.Readings.Find(e.Id)?.Says}");
        Says<EndVisit>((e, _) => $"{e.By} leaves: their proofs of dead end");
        Says<LetGoTogether>((e, _) => $"Breaker {e.Where}: {e.Of} lets go, both said so: {e.Of} and {e.By}");
        Says<HandOver>((e, job) => $"{job.Boxes.Find(e.Box)?.Name}: handed from {e.From} to {e.To}");
    }

    private static string Switched(SwitchBreaker switched) =>
        switched.On switch
        {
            true => "on",
            false => $"off, held by {switched.By}",
            _ => $"let go by {switched.By}",
        };

    private static string Part(string key) => PartId.Read(key) is { } part ? PartWords.Of(part) : key;

    private static string Operation(string key) => CodeBook.WayBook.Operations.FirstOrDefault(o => o.Key == key)?.Name ?? key;

    private static string Appliance(Appliance appliance, Job job)
    {
        var takes = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{appliance.Name}, {appliance.Watts:0.##} W");
        return job.Boxes.Find(appliance.Box) is { } box ? $"{box.Name}: {takes}, hangs here" : $"{takes}, put on the list";
    }

    private static string Sighting(Sighting seen, Job job) =>
        $"{job.Boxes.Find(seen.Box)?.Name ?? "A box"}: {BreakerNames.Look(job, seen)}";

    private static string Reading(Reading reading, Job job)
    {
        var box = job.Boxes.Find(reading.Box);
        string Point(string point) => box?.Leads.Has(point) == true ? new Names(job, reading.Box).Lead(box, point) : point;
        return $"{(box is null ? "" : box.Name + ": ")}{reading.Says} between {Point(reading.From)} and {Point(reading.To)}";
    }
}
