using JollyBrook.Data.Store;
using JollyBrook.Server.Access;
using JollyBrook.Server.Accounts;
using JollyBrook.Server.Calculations;
using JollyBrook.Server.Commands;
using JollyBrook.Server.Demo;
using JollyBrook.Server.Devices;
using JollyBrook.Server.Parties;
using JollyBrook.Server.Records;
using JollyBrook.Server.Site;
using JollyBrook.Server.Start;
using JollyBrook.StandIns;
using Microsoft.AspNetCore.HttpOverrides;

if (AllCommands.Run(args) is { } ended)
{
    return ended;
}

var builder = WebApplication.CreateBuilder(args);
var options = ServerOptions.From(builder.Configuration);

if (options.JsonLogs)
{
    builder.Logging.ClearProviders().AddJsonConsole();
}

builder.AddMetrics(options);
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.Limits.MaxRequestBodySize = RequestText.MostBytes;
    kestrel.AddServerHeader = false;
});

// The keys lie in the data folder, whose rights guard them; docs/hosting.md says so.
builder.Logging.AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error);

// It warns of every answer that is not to be cached, which here is all of them.
builder.Logging.AddFilter("Microsoft.AspNetCore.Antiforgery", LogLevel.Error);

// What is asked of the store is nobody's business in a log.
builder.Logging.AddFilter("Microsoft.EntityFrameworkCore.Database.Command", LogLevel.Warning);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(options);
builder.Services.AddSingleton<FirstStart>();
builder.Services.AddSingleton<LongRuns>();
builder.Services.AddSingleton<IWaterProbe, SimulatedProbe>();
builder.Services.AddSingleton<IWeatherService, SimulatedWeather>();
builder.Services.AddSingleton<IBodyScale, SimulatedScale>();
builder.Services.AddScoped<DemoSeed>();
builder.Services.AddJollyBrookData(options.DataFolder);
builder.Services.AddAccounts(options);
builder.Services.AddFormTokens(options.BehindProxy);
builder.Services.AddHsts(hsts => hsts.MaxAge = TimeSpan.FromDays(365));
builder.Services.AddSecretsLimit(options);
builder.Services.AddAnswerCompression();
builder.Services.AddProblemDetails();
builder.Services.AddExceptionHandler<StoreTrouble>();
builder.Services.AddContractOpenApi();

var app = builder.Build();

// The build asks for the API document by starting the program without a store.
if (!ContractOpenApi.IsBuildingDocument)
{
    using var signals = new StopSignals(app);
    try
    {
        await OpenStore.RunAsync(app, signals.Asked);
    }
    catch (StoreRefusedException refused)
    {
        Console.Error.WriteLine(refused.Message);
        await app.DisposeAsync();
        return 1;
    }
    catch (OperationCanceledException) when (signals.Asked.IsCancellationRequested)
    {
        await app.DisposeAsync();
        return 0;
    }
}

app.UseMetrics(options);
if (options.BehindProxy)
{
    app.UseForwardedHeaders(
        new ForwardedHeadersOptions { ForwardedHeaders = ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto }
    );
    app.UseHsts();
}

app.UseExceptionHandler(
    new ExceptionHandlerOptions
    {
        // A body too large, or cut off, is the sender's doing.
        StatusCodeSelector = failure => failure is BadHttpRequestException bad ? bad.StatusCode : StatusCodes.Status500InternalServerError,
    }
);
app.UseStatusCodePages();
app.UseSecurityHeaders();
app.UseSiteFiles(options.SiteFolder);
app.UseAnswerCompression();
app.UseRouting();
app.UseRateLimiter();
app.UseAuthentication();
app.UseAuthorization();

app.MapOpenApi().For(Audience.SignedIn);
app.MapHealth();
app.MapAbout();
app.MapAccounts();
app.MapParties();
app.MapCalculations(SiteBuild.In(options.SiteFolder));
app.MapRecords();
app.MapBackups();
app.MapProbe();
app.MapWeather();
app.MapSitePage(options.SiteFolder);

await app.RunAsync();
return 0;

/// <summary>Named so that tests can start the server.</summary>
public partial class Program;
