using JollyBrook.Data;
using JollyBrook.Server;
using JollyBrook.Server.Calculations;
using JollyBrook.Server.Devices;
using JollyBrook.Server.Records;
using JollyBrook.Server.Site;
using JollyBrook.StandIns;

var builder = WebApplication.CreateBuilder(args);
var options = ServerOptions.From(builder.Configuration);

builder.WebHost.ConfigureKestrel(kestrel => kestrel.Limits.MaxRequestBodySize = RequestText.MostBytes);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(options);
builder.Services.AddSingleton<CurrentPerson>();
builder.Services.AddSingleton<IWaterProbe, SimulatedProbe>();
builder.Services.AddJollyBrookData(options.DatabaseFile);
builder.Services.AddProblemDetails();
builder.Services.AddContractOpenApi();

var app = builder.Build();

// The build asks for the API document by starting the program without a store.
if (!ContractOpenApi.IsBuildingDocument)
{
    await OpenStore.RunAsync(app);
}

app.UseExceptionHandler();
app.UseStatusCodePages();
app.MapOpenApi();
app.MapAbout();
app.MapCalculations();
app.MapRecords();
app.MapProbe();
app.UseSite(options.SiteFolder);

app.Run();

/// <summary>Named so that tests can start the server.</summary>
public partial class Program;
