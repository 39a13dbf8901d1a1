namespace JollyBarn.Web.Endpoints;

/// <summary>Everything the program answers, a line a place.</summary>
internal static class AllEndpoints
{
    public static void MapAll(this IEndpointRouteBuilder api)
    {
        api.MapCrew();
        api.MapPeople();
        api.MapBook();
        api.MapFill();
        api.MapMark();
        api.MapPractice();
        api.MapExercises();
        api.MapHunts();
        api.MapClasses();
        api.MapRooms();
        api.MapWalls();
        api.MapJobs();
        api.MapBoxes();
        api.MapEdits();
        api.MapChanges();
        api.MapCards();
        api.MapStages();
        api.MapHandover();
        api.MapPatterns();
        api.MapFiles();
        api.MapVerdicts();
        api.MapSupply();
        api.MapSheet();
        api.MapLabels();
        api.MapLoads();
        api.MapWays();
        api.MapLive();
        api.MapReadings();
        api.MapLetGo();
        api.MapTroubles();
        api.MapPhotos();
        api.MapRuns();
    }
}
